/**
 * Reels, their snaps, calibration and marks. Film files sit behind {@link mensch.app.film.FilmStore}. Read
 * {@link mensch.app.film.FilmRoom} first.
 */
package mensch.app.film;
