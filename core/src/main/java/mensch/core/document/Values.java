package mensch.core.document;

import java.util.AbstractList;
import java.util.AbstractMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.RandomAccess;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Plain values under names, as a document or a part of one holds them: text, numbers, lists, parts. Nothing in it can
 * be changed, however deep; a key that is missing, or holds something else, answers empty.
 */
public final class Values {
    private final Map<String, Object> values;

    private Values(Map<String, Object> frozen) {
        this.values = frozen;
    }

    /** Takes a copy; what is frozen already is shared. */
    public static Values of(Map<?, ?> values) {
        return new Values(FrozenMap.of(values));
    }

    /** All of it, for writing down; attempts to change it fail. */
    public Map<String, Object> all() {
        return values;
    }

    public boolean has(String key) {
        return values.containsKey(key);
    }

    public Optional<String> text(String key) {
        return values.get(key) instanceof String text ? Optional.of(text) : Optional.empty();
    }

    public Optional<Integer> whole(String key) {
        return values.get(key) instanceof Integer number ? Optional.of(number) : Optional.empty();
    }

    public Optional<Double> number(String key) {
        return values.get(key) instanceof Number number ? Optional.of(number.doubleValue()) : Optional.empty();
    }

    public boolean flag(String key) {
        return Boolean.TRUE.equals(values.get(key));
    }

    public boolean hasList(String key) {
        return values.get(key) instanceof List<?>;
    }

    /** The items of a list, of whatever kind. */
    public List<?> list(String key) {
        return values.get(key) instanceof List<?> list ? list : List.of();
    }

    /** The items of a list as text. */
    public List<String> texts(String key) {
        return list(key).stream().map(String::valueOf).toList();
    }

    /** A list of lists as text; an item that is no list is a row of one. */
    public List<List<String>> rows(String key) {
        return list(key).stream()
                .map(row -> row instanceof List<?> cells
                        ? cells.stream().map(String::valueOf).toList()
                        : List.of(String.valueOf(row)))
                .toList();
    }

    /** Names with their values under a key, in the order they are written. */
    public Optional<Values> part(String key) {
        return values.get(key) instanceof Map<?, ?> map ? Optional.of(Values.of(map)) : Optional.empty();
    }

    /** The items of a list that are names with values. */
    public List<Values> parts(String key) {
        return list(key).stream()
                .filter(Map.class::isInstance)
                .map(m -> Values.of((Map<?, ?>) m))
                .toList();
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Values that && values.equals(that.values);
    }

    @Override
    public int hashCode() {
        return values.hashCode();
    }

    @Override
    public String toString() {
        return values.toString();
    }

    private static @Nullable Object frozen(@Nullable Object value) {
        if (value instanceof Map<?, ?> map) {
            return FrozenMap.of(map);
        }
        return value instanceof List<?> list ? FrozenList.of(list) : value;
    }

    private static final class FrozenMap extends AbstractMap<String, Object> {
        private final Map<String, Object> own;

        private FrozenMap(Map<String, Object> own) {
            this.own = java.util.Collections.unmodifiableMap(own);
        }

        static FrozenMap of(Map<?, ?> map) {
            if (map instanceof FrozenMap frozen) {
                return frozen;
            }
            var copy = new LinkedHashMap<String, Object>();
            map.forEach((key, value) -> copy.put(String.valueOf(key), frozen(value)));
            return new FrozenMap(copy);
        }

        @Override
        public Set<Entry<String, Object>> entrySet() {
            return own.entrySet();
        }

        @Override
        public @Nullable Object get(@Nullable Object key) {
            return own.get(key);
        }

        @Override
        public boolean containsKey(@Nullable Object key) {
            return own.containsKey(key);
        }
    }

    private static final class FrozenList extends AbstractList<Object> implements RandomAccess {
        private final Object[] own;

        private FrozenList(Object[] own) {
            this.own = own;
        }

        static FrozenList of(List<?> list) {
            return list instanceof FrozenList frozen
                    ? frozen
                    : new FrozenList(list.stream().map(Values::frozen).toArray());
        }

        @Override
        public Object get(int index) {
            return own[index];
        }

        @Override
        public int size() {
            return own.length;
        }
    }
}
