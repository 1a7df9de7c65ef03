package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Features;
import mensch.core.formation.Man;
import mensch.core.geometry.Side;

/** What the offence shows, named from where its men stand: personnel, quarterback, backs, and each side. */
final class PictureWords {
    private static final List<Feature> QUARTERBACK = List.of(Feature.UNDER_CENTRE, Feature.PISTOL, Feature.GUN);
    private static final List<Feature> BACKS = List.of(Feature.EMPTY, Feature.I, Feature.SPLIT_BACKS);
    private static final List<Feature> SIDE = List.of(
            Feature.TIGHT_END,
            Feature.WING,
            Feature.H_BACK,
            Feature.BUNCH,
            Feature.STACK,
            Feature.UNBALANCED,
            Feature.DETACHED_LINEMAN);

    private PictureWords() {}

    static String of(Features features) {
        var words = new ArrayList<String>();
        words.add("Shows " + features.personnel() + " personnel");
        QUARTERBACK.stream().filter(f -> holds(features, f, Side.LEFT)).limit(1).forEach(f -> words.add(f.words()));
        BACKS.stream().filter(f -> holds(features, f, Side.LEFT)).limit(1).forEach(f -> words.add(f.words()));
        Man takes = features.shape().quarterback();
        if (takes != null && holds(features, Feature.DIRECT_SNAP, Side.LEFT)) {
            words.add("direct snap to " + takes.name());
        }
        int left = features.shape().flank(Side.LEFT).receivers().size();
        int right = features.shape().flank(Side.RIGHT).receivers().size();
        words.add(left + (left == 1 ? " receiver" : " receivers") + " left and " + right + " right");
        for (Side side : Side.values()) {
            SIDE.stream().filter(f -> holds(features, f, side)).forEach(f -> words.add(f.words() + " " + side.words()));
        }
        return String.join(", ", words);
    }

    private static boolean holds(Features features, Feature feature, Side side) {
        return features.ask(feature, side) == Answer.YES;
    }
}
