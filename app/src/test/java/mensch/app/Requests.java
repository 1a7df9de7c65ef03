package mensch.app;

/** Requests that many tests send. */
final class Requests {
    static final String SNAP = "{\"formation\": \"pro-i\", \"mirrored\": false, \"code\": \"hs\", \"hash\": \"m\", "
            + "\"toGoal\": 38, \"down\": 2, \"distance\": 7}";

    private Requests() {}

    static String board(String call) {
        return board(call, "[]");
    }

    static String board(String call, String edits) {
        return "{\"snap\": " + SNAP + ", \"call\": \"" + call + "\", \"edits\": " + edits + ", \"hand\": []}";
    }

    static String log(String call) {
        return "{\"snap\": " + SNAP + ", \"call\": \"" + call + "\", \"revision\": 0}";
    }
}
