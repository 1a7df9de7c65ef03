/**
 * What two people may write carries a version: it travels as the ETag of what was read and comes back as If-Match with
 * what is written. Read {@link mensch.app.version.Version} first.
 */
@NullMarked
package mensch.app.version;

import org.jspecify.annotations.NullMarked;
