package mensch.app.playbook;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import mensch.core.call.Call;
import mensch.core.call.CallDocument;
import mensch.core.call.CallReader;
import mensch.core.document.Document;
import mensch.core.library.Library;
import org.springframework.stereotype.Component;

/** Calls as they were read, by what they say: a call that says the same in the same library is read once. */
@Component
class ReadCalls {
    private static final int MOST = 300;

    private final Cache<Key, Call> calls =
            Caffeine.newBuilder().maximumSize(MOST).build();

    /** The library itself, not what it says: another one may have chosen otherwise. */
    private record Key(Library library, String digest, int revision) {}

    Call read(Document call, int revision, Library library) {
        return calls.get(
                new Key(library, call.digest(), revision),
                key -> CallReader.read(CallDocument.of(call), revision, library.vocabulary()));
    }
}
