package mensch.core.repair;

/** What kind of answer a repair is, in the order in which a coordinator would think of it. */
enum Natural {
    /** The man does what this call teaches him anyhow. */
    HIS_OWN,
    /** Two men of one side exchange. */
    EXCHANGE,
    /** A man takes what lies open. */
    TAKES_IT,
    /** Another call. */
    CHECK,
    /** A movement or pressure of the library. */
    TAG,
    /** The same job from a step elsewhere. */
    STEP,
    /** What other calls of the library teach such a man. */
    TAUGHT
}
