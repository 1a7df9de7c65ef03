package mensch.core.convention;

/**
 * The small figures of a snap, by the class of {@code mensch.core.simulation} that goes by them: how near is near, how
 * sharp a turn is a turn, when one has gone by; all ours. What each says, its unit, bounds and source stand in
 * figures.yaml.
 */
public record SnapDetails(
        Air air,
        Blockers blockers,
        Contests contests,
        Covering covering,
        Eyes eyes,
        Fits fits,
        Flight flight,
        Keys keys,
        Looks looks,
        Minds minds,
        OptionRead optionRead,
        OptionSnap optionSnap,
        Outcome outcome,
        PassCauses passCauses,
        PassSnap passSnap,
        Passer passer,
        Pitch pitch,
        Protectors protectors,
        Routes routes,
        RunSnap runSnap,
        Runner runner,
        Tackles tackles,
        Zones zones) {

    public record Air(
            double catches,
            double sits,
            double first,
            double rallies,
            double late,
            double staysOver,
            double turnsUp,
            double runsOn,
            double off,
            double rushes) {}

    public record Blockers(
            double side,
            double looks,
            double gone,
            double comes,
            double turns,
            double opens,
            double firstStep,
            double releases,
            double offTheLine,
            double clears,
            double ahead,
            double inTheOpen,
            double gathers,
            double splits,
            double onTheLine,
            double nearer,
            double past,
            double runsInto) {}

    public record Contests(
            double apart,
            double rounds,
            double comesOff,
            double off,
            double steps,
            double space,
            double slants,
            double doubledBull,
            double doubledAside,
            double against,
            double sealed,
            double armFree,
            double round) {}

    public record Covering(
            double backfield,
            double spies,
            double hole,
            double turns,
            double stands,
            double reverses,
            double cuts,
            double breaks,
            double comes,
            double gone,
            double runsWith,
            double shade,
            double inside,
            double square,
            double contains,
            double rushes,
            double parts,
            double decides,
            double gives,
            double comesOut,
            double nearest,
            double comesUp,
            double watches,
            double brackets,
            double about,
            double out,
            double outFast,
            double crosses,
            double holeWide,
            double holeDeep) {}

    public record Eyes(double vertical) {}

    public record Fits(
            double penetrates,
            double fills,
            double body,
            double fromDepth,
            double close,
            double balances,
            double drifts,
            double turnsUp,
            double near,
            int aimsAgain,
            double inside,
            double waits,
            double bounds,
            double twoGaps,
            double forces,
            double spillsOutside,
            double spills,
            double boxes,
            double squeezes,
            double behindTheLine,
            double cutBack,
            double cutBackDepth,
            double cutBackPace,
            double chases,
            double pitchOutside,
            double pitchDepth,
            double quarterbackOutside,
            double quarterbackBehind,
            double pursues,
            double ballPace,
            double runsAgain) {}

    public record Flight(double longFrom, double low, double comesDown, double there) {}

    public record Keys(double blocksOnTheLine, double blocksBehind) {}

    public record Looks(double drops, double dropsAfter, double comes, double flows, int hats) {}

    public record Minds(double deep, double backer, double past, double on) {}

    public record OptionRead(double sits, double down, double outside) {}

    public record OptionSnap(double rides, double comes) {}

    public record Outcome(int explosive, int explosivePass, double firstDown, double secondDown) {}

    public record PassCauses(double there, double cameUp, double stopped, double runAfter) {}

    public record PassSnap(
            double adjusts, double sees, double clears, double backfield, double fakesOn, double fakes, double leads) {}

    public record Passer(
            double givesUp,
            double outOfThePocket,
            double soonest,
            double in,
            double soon,
            double comes,
            double view,
            double laneTo,
            double laneLong,
            double laneWide,
            double laneBehind,
            double launches,
            double strolls,
            double rollsOut) {}

    public record Pitch(
            double outside, double behind, double near, double comes, double latest, double flies, double notAhead) {}

    public record Protectors(
            double before,
            double sets,
            double firstSteps,
            double punches,
            double gone,
            double looks,
            double leads,
            double looksSlack,
            double helpsTo,
            double goneDeep,
            double past,
            double turnsAgain,
            double rushesFrom,
            double abreast,
            double rushesFast,
            double runsInto,
            double freeFrom,
            double between,
            double inside) {}

    public record Routes(double strolls, double lateLeg, double inside) {}

    public record RunSnap(
            double mesh,
            double shortOf,
            double snapped,
            double late,
            double comesOn,
            double counterStep,
            double counterPace,
            double comesAcross,
            double showsPass,
            double slowest) {}

    public record Runner(
            double line,
            double body,
            double closes,
            double turnsUp,
            double fromNow,
            double turns,
            double lane,
            double freeDeep,
            double blockedDeep,
            double slowest,
            double openFast,
            double horizon,
            double heldPace) {}

    public record Tackles(
            double dives, double broken, double behind, double headOn, double space, double fallsForward) {}

    public record Zones(
            double over,
            double deepOver,
            double gives,
            double inside,
            double stays,
            double wide,
            double far,
            double reads,
            double near,
            int looksAgain,
            double comesHisWay,
            double ahead,
            double bothDeep,
            double looksAhead,
            double out,
            double deeper,
            double aside,
            double behind,
            double protects,
            double pushes,
            double underneath) {}
}
