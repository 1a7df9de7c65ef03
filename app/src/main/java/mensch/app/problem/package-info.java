/** Errors as problem responses (RFC 9457) with a stable code. */
package mensch.app.problem;
