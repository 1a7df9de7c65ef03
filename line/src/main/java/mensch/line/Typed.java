package mensch.line;

import java.io.PrintStream;
import java.util.List;
import mensch.core.document.RefusedException;

/** What is common to the commands of a shell: words read in order, and a refusal that says how it is written. */
final class Typed {
    private Typed() {}

    /** Exit code 0, or 2 with the reason when the words cannot be used. */
    static int answered(Runnable command, String usage, PrintStream err) {
        try {
            command.run();
            return 0;
        } catch (RefusedException e) {
            err.println(e.getMessage());
            err.println(usage);
            return 2;
        }
    }

    /** @throws RefusedException when nothing follows the word at this place */
    static String after(List<String> args, int i) {
        if (i + 1 == args.size()) {
            throw new RefusedException(args.get(i) + " needs a value");
        }
        return args.get(i + 1);
    }
}
