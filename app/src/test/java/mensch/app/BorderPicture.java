package mensch.app;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClasses;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Packages and what they use, drawn from the compiled classes; what follows from other arrows is left out. */
final class BorderPicture {
    private BorderPicture() {}

    /** A diagram in text, one arrow a line: from who uses to what is used. */
    static String of(String root, JavaClasses classes) {
        Map<String, Set<String>> uses = new TreeMap<>();
        classes.forEach(one -> {
            String from = feature(root, one.getPackageName());
            Set<String> to = uses.computeIfAbsent(from, k -> new TreeSet<>());
            for (Dependency dependency : one.getDirectDependenciesFromSelf()) {
                String name = dependency.getTargetClass().getPackageName();
                if (name.startsWith(root + ".") && !feature(root, name).equals(from)) {
                    to.add(feature(root, name));
                }
            }
        });
        uses.remove("");
        uses.values().forEach(to -> to.remove(""));
        List<String> arrows = new ArrayList<>();
        uses.forEach((from, to) -> to.stream()
                .filter(t -> to.stream().noneMatch(other -> !other.equals(t) && reaches(uses, other, t)))
                .forEach(t -> arrows.add("    " + from + " --> " + t)));
        return "```mermaid\nflowchart TD\n" + String.join("\n", arrows) + "\n```\n";
    }

    private static String feature(String root, String name) {
        return name.equals(root) ? "" : name.substring(root.length() + 1).split("\\.")[0];
    }

    private static boolean reaches(Map<String, Set<String>> uses, String from, String to) {
        Set<String> next = uses.getOrDefault(from, Set.of());
        return next.contains(to) || next.stream().anyMatch(n -> reaches(uses, n, to));
    }
}
