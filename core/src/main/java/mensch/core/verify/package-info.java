/**
 * Puts rules to the test: a call with men told otherwise, on a snap, against plays. For the tests of each rule and for
 * whoever adds one; the application does not use it. May use stress and below. Read
 * {@link mensch.core.verify.AuditVerifier}.
 */
@NullMarked
package mensch.core.verify;

import org.jspecify.annotations.NullMarked;
