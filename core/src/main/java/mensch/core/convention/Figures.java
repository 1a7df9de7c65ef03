package mensch.core.convention;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.DocumentException.Problem;
import mensch.core.document.RefusedException;
import mensch.core.document.Shipped;
import mensch.core.document.Values;
import mensch.core.document.Yaml;

/**
 * The figures of the model, read from documents: each with its unit, its bounds and where it comes from. A group of
 * figures becomes a record by the names of its components, never by their order; a component that has a group of its
 * own name is read from there.
 */
public final class Figures {
    private static final String FILE = "/library/conventions/figures.yaml";
    private static final String SHIPS = "ships";
    private static final Figures SHIPPED = of(Yaml.read(FILE, Shipped.text(FILE)));

    private final Map<String, Document> groups;

    private Figures(Map<String, Document> groups) {
        this.groups = groups;
    }

    /** Figures of documents of kind {@code figures}; others are read over. */
    public static Figures of(List<Document> documents) {
        var groups = new LinkedHashMap<String, Document>();
        documents.stream().filter(d -> d.kind().equals("figures")).forEach(d -> groups.put(d.id(), d));
        return new Figures(groups);
    }

    /** With another value of one figure. */
    Figures with(String group, String figure, double value) {
        Document before = groups.get(group);
        Values figures = before == null ? null : before.values().part("figures").orElse(null);
        if (before == null || figures == null || !figures.has(figure)) {
            throw DocumentException.of(group, "figures/" + figure, "is no figure of this group");
        }
        var body = new LinkedHashMap<>(figures.all());
        var changed = new LinkedHashMap<>(figures.part(figure).orElseThrow().all());
        changed.putIfAbsent(SHIPS, changed.get("value"));
        changed.put("value", value);
        body.put(figure, changed);
        var after = new LinkedHashMap<>(groups);
        after.put(group, before.with("figures", body));
        return new Figures(after);
    }

    /**
     * As a programme measures.
     *
     * @param values by {@code group/figure}
     * @throws DocumentException naming every one that is no figure
     */
    Figures measuring(Map<String, Double> values) {
        Figures measured = this;
        var problems = new ArrayList<Problem>();
        for (Map.Entry<String, Double> value : new TreeMap<>(values).entrySet()) {
            String[] id = value.getKey().split("/", 2);
            try {
                measured = measured.with(id[0], id.length > 1 ? id[1] : "", value.getValue());
            } catch (DocumentException e) {
                problems.addAll(e.problems());
            }
        }
        if (!problems.isEmpty()) {
            throw new DocumentException(problems);
        }
        return measured;
    }

    /** All of them, for reading, in the order of their documents. */
    public List<FigureGroup> groups() {
        return groups.values().stream()
                .map(d -> new FigureGroup(
                        d.id(),
                        d.name(),
                        d.values().part("figures").stream()
                                .flatMap(all -> all.all().keySet().stream()
                                        .map(id -> figure(id, all.part(id).orElseThrow())))
                                .toList()))
                .toList();
    }

    private static Figure figure(String id, Values written) {
        return new Figure(
                id,
                written.text("what").orElse(""),
                written.number("value").orElse(0.0),
                written.number(SHIPS).or(() -> written.number("value")).orElse(0.0),
                written.text("unit").orElse(""),
                written.number("least").orElse(Double.NEGATIVE_INFINITY),
                written.number("most").orElse(Double.POSITIVE_INFINITY),
                written.text("source").orElse(""));
    }

    /** What ships. */
    public static Figures shipped() {
        return SHIPPED;
    }

    /**
     * A group as its record.
     *
     * @throws DocumentException naming every figure that is missing, unknown or out of its bounds
     */
    <R extends Record> R read(Class<R> type) {
        var problems = new ArrayList<Problem>();
        R read = new Reading(hyphened(type.getSimpleName()), problems).whole(type);
        if (!problems.isEmpty()) {
            throw new DocumentException(problems);
        }
        return read;
    }

    private static String hyphened(String name) {
        return name.replaceAll("(?<=.)([A-Z])", "-$1").toLowerCase(Locale.ROOT);
    }

    /** One group on its way to a record. */
    private final class Reading {
        private final String group;
        private final Values figures;
        private final Set<String> taken = new LinkedHashSet<>();
        private final List<Problem> problems;

        Reading(String group, List<Problem> problems) {
            this.group = group;
            this.figures = Optional.ofNullable(groups.get(group))
                    .flatMap(d -> d.values().part("figures"))
                    .orElseThrow(() -> DocumentException.of(group, "figures", "are missing"));
            this.problems = problems;
        }

        /** All figures of the group, and no others. */
        <R extends Record> R whole(Class<R> type) {
            R read = record(type, "");
            Set<String> unknown = new LinkedHashSet<>(figures.all().keySet());
            unknown.removeAll(taken);
            unknown.forEach(u -> fault(u, "is no figure of this group"));
            return read;
        }

        private void fault(String figure, String message) {
            problems.add(new Problem(group, "figures/" + figure, message, -1, List.of()));
        }

        <R extends Record> R record(Class<R> type, String prefix) {
            RecordComponent[] components = type.getRecordComponents();
            Object[] values = Arrays.stream(components)
                    .map(c -> component(c, prefix + hyphened(c.getName())))
                    .toArray();
            Class<?>[] types =
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
            try {
                Constructor<R> constructor = type.getDeclaredConstructor(types);
                return constructor.newInstance(values);
            } catch (InvocationTargetException e) {
                if (e.getCause() instanceof RefusedException refused) {
                    fault(prefix.replaceAll("-$", ""), refused.getMessage());
                    throw new DocumentException(problems);
                }
                throw new IllegalStateException(type + " cannot be made of its figures", e);
            } catch (NoSuchMethodException | InstantiationException | IllegalAccessException e) {
                throw new IllegalStateException(type + " cannot be made of its figures", e);
            }
        }

        private Object component(RecordComponent component, String id) {
            if (component.getType().isRecord()) {
                var type = component.getType().asSubclass(Record.class);
                String own = hyphened(type.getSimpleName());
                return groups.containsKey(own) ? new Reading(own, problems).whole(type) : record(type, id + "-");
            }
            double value = value(id);
            if (component.getType() == int.class) {
                if (value != Math.rint(value)) {
                    fault(id, "is " + value + "; it is counted in whole " + unit(id));
                }
                return (int) value;
            }
            return value;
        }

        private String unit(String id) {
            return figures.part(id).flatMap(f -> f.text("unit")).orElse("");
        }

        private double value(String id) {
            taken.add(id);
            Values figure = figures.part(id).orElse(null);
            if (figure == null
                    || figure.number("value").isEmpty()
                    || figure.text("unit").isEmpty()
                    || figure.text("what").isEmpty()) {
                fault(id, "is missing; write {what, value, unit, least, most, source}");
                return 0;
            }
            double value = figure.number("value").orElse(0.0);
            double least = figure.number("least").orElse(Double.NEGATIVE_INFINITY);
            double most = figure.number("most").orElse(Double.POSITIVE_INFINITY);
            // so that what is no number is out of bounds too
            if (!(value >= least && value <= most)) {
                fault(id, "is " + value + " " + unit(id) + "; it lies between " + least + " and " + most);
            }
            return value;
        }
    }
}
