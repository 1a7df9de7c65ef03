/** People of the programme: who may sign in, and as what. Read {@link mensch.app.programme.Member} first. */
package mensch.app.programme;
