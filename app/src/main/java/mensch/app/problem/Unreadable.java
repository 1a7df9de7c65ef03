package mensch.app.problem;

import java.util.Arrays;
import java.util.Collection;
import java.util.stream.Collectors;
import mensch.core.document.Worded;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** What is wrong with JSON that came in, in words for who wrote it and none of a library's. */
final class Unreadable {
    private Unreadable() {}

    static String words(JacksonException fault) {
        String where = fault.getPath().stream()
                .map(at -> at.getPropertyName() == null ? String.valueOf(at.getIndex()) : at.getPropertyName())
                .collect(Collectors.joining("/"));
        return (where.isEmpty() ? "" : "at " + where + ", ") + what(fault);
    }

    private static String what(JacksonException fault) {
        if (fault instanceof UnrecognizedPropertyException) {
            return "there is no such field; take it out or correct its name";
        }
        if (fault instanceof MismatchedInputException mismatch) {
            boolean ours = mismatch.getTargetType() == String.class || mismatch.getTargetType() == Double.class;
            return ours ? mismatch.getOriginalMessage() : needed(mismatch.getTargetType());
        }
        if (fault instanceof StreamReadException) {
            return "the text breaks off or goes wrong at line "
                    + fault.getLocation().getLineNr() + ", column "
                    + fault.getLocation().getColumnNr();
        }
        return "it does not fit";
    }

    private static String needed(Class<?> type) {
        if (type == null) {
            return "it does not fit";
        }
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(c -> c instanceof Worded worded ? worded.words() : c.toString())
                            .toList()
                    + " is needed";
        }
        if (type == Integer.class || type == int.class || type == Long.class || type == long.class) {
            return "a whole number is needed";
        }
        if (type == Boolean.class || type == boolean.class) {
            return "true or false is needed";
        }
        return Collection.class.isAssignableFrom(type) ? "a list is needed" : "it does not fit";
    }
}
