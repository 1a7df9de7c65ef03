/**
 * Reels, their snaps, calibration and marks. Film files sit behind {@link mensch.app.film.FilmStore}. Read
 * {@link mensch.app.film.FilmRoom} first.
 */
@NullMarked
package mensch.app.film;

import org.jspecify.annotations.NullMarked;
