package mensch.app.bounds;

import java.util.List;
import java.util.function.Function;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;

/**
 * One page of a list that grows.
 *
 * @param page counts from 0
 * @param pages there are, at least 1
 * @param total items on all pages
 */
public record Paged<T>(List<T> items, int page, int pages, long total) {

    /** The page of that number, {@link Bounds#PAGE} items long. */
    public static PageRequest asked(int page) {
        return PageRequest.of(page, Bounds.PAGE);
    }

    public static <S, T> Paged<T> of(Page<S> page, Function<S, T> item) {
        return new Paged<>(
                page.map(item).toList(), page.getNumber(), Math.max(1, page.getTotalPages()), page.getTotalElements());
    }
}
