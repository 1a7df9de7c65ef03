/** The script's door to core: a snap in one line in, jobs with reasons and findings out. Depends on core alone. */
package mensch.line;
