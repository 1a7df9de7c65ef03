package mensch.app;

/** Boards as they are asked over HTTP: a formation at midfield against a call. */
final class Boards {
    private static final String BOARD =
            "{\"snap\": {\"formation\": \"%s\", \"mirrored\": false, \"code\": \"hs\", \"hash\": \"m\", "
                    + "\"toGoal\": 50, \"down\": 1, \"distance\": 10}, \"call\": \"%s\", \"edits\": [], \"hand\": []}";

    private Boards() {}

    static String board(String formation, String call) {
        return BOARD.formatted(formation, call);
    }

    static String against(String formation, String call) {
        return "{\"board\": " + board(formation, call) + ", \"phase\": 0}";
    }

    static String play(String formation, String call, String play, boolean left) {
        return "{\"board\": " + board(formation, call) + ", \"phase\": 0, \"play\": \"" + play + "\", \"left\": " + left
                + "}";
    }
}
