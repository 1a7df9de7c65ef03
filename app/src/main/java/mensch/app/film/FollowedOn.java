package mensch.app.film;

import mensch.app.game.Play;

/** Men who were followed, with the angle and the play they were followed on. */
record FollowedOn(Followed followed, Angle angle, Play play) {}
