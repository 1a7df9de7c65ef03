/** Errors as problem responses (RFC 9457) with a stable code. */
@NullMarked
package mensch.app.problem;

import org.jspecify.annotations.NullMarked;
