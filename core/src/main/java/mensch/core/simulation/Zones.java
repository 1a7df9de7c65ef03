package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import mensch.core.convention.School;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.rung.Area;
import org.jspecify.annotations.Nullable;

/** Where a man with an area wants to be: at his landmark, until somebody comes into his area. */
final class Zones {
    private static final int NOBODY = -1;

    private final SnapDetails.Zones figures;
    private final Cast cast;
    private final Ground ground;
    private final SnapModel model;
    private final Covering covering;
    private final Eyes eyes;
    private final AreaLedger areas;
    private final @Nullable AreaLedger.Row[] rows;
    private final boolean pushes;
    private final double fastFlat;
    private final double matchedFrom;
    private final int passer;
    private final int[] receivers;
    /** Of a man underneath: who is in his area. */
    private final int[] threat;

    private final int[] again;

    /** @param receivers everybody who may catch the ball */
    Zones(Cast cast, Ground ground, SnapModel model, Covering covering, Eyes eyes, AreaLedger areas, int[] receivers) {
        this.cast = cast;
        this.figures = cast.details.zones();
        this.ground = ground;
        this.model = model;
        this.covering = covering;
        this.eyes = eyes;
        this.areas = areas;
        this.receivers = receivers;
        this.passer = cast.passer();
        this.rows = new AreaLedger.Row[cast.size()];
        for (AreaLedger.Row row : areas.rows()) {
            int owner = cast.named(cast.idOf(row.owner()));
            if (owner >= 0) {
                rows[owner] = row;
            }
        }
        var convention = cast.lineup.convention();
        this.pushes = !convention.house().teaches(School.ZONES_KEEP_SPOTS);
        this.fastFlat = convention.routes().fastFlat();
        this.matchedFrom = convention.routes().matchedFrom();
        this.threat = new int[cast.size()];
        this.again = new int[cast.size()];
        Arrays.fill(threat, NOBODY);
    }

    /**
     * One tick of a man in an area.
     *
     * @return whether he has one
     */
    boolean aim(int defender, int tick) {
        AreaLedger.Row row = rows[defender];
        if (row == null) {
            return false;
        }
        if (row.area().deep()) {
            deep(defender, row, tick);
        } else {
            under(defender, row, tick);
        }
        return true;
    }

    /** Deeper than the deepest who comes his way, between two of them. */
    private void deep(int defender, AreaLedger.Row row, int tick) {
        double deepest = Double.NEGATIVE_INFINITY;
        double second = Double.NEGATIVE_INFINITY;
        int first = NOBODY;
        int other = NOBODY;
        for (int man : receivers) {
            double x = eyes.x(man) + eyes.vx(man) * figures.comesHisWay();
            boolean comes = x > row.extent().xMin() - figures.deepOver()
                    && x < row.extent().xMax() + figures.deepOver();
            if (!comes || !eyes.goesDeep(man) || eyes.y(man) < 1) {
                continue;
            }
            double y = eyes.now(man);
            if (y > deepest) {
                second = deepest;
                other = first;
                deepest = y;
                first = man;
            } else if (y > second) {
                second = y;
                other = man;
            }
        }
        double x = row.landmark().x();
        double y =
                Math.max(row.landmark().y(), cast.actors.get(defender).start().y());
        if (first != NOBODY) {
            x = eyes.x(first) + eyes.vx(first) * figures.ahead();
            // two are between each other's only when both are deep
            if (other != NOBODY && second > Math.max(deepest - figures.bothDeep(), matchedFrom)) {
                x = (x + eyes.x(other) + eyes.vx(other) * figures.ahead()) / 2;
            }
            // who has the middle goes no farther to one side than he has to: he may be needed on the other
            double in = row.landmark().x() - x;
            x += Math.signum(in) * Math.min(row.area().central() ? figures.stays() : figures.inside(), Math.abs(in));
            y = Math.max(
                    Math.max(y, ground.y[defender]), deepest + model.cover().deep());
        }
        x = Math.max(
                row.extent().xMin() - figures.deepOver(), Math.min(row.extent().xMax() + figures.deepOver(), x));
        if (first != NOBODY && late(defender, first, deepest)) {
            covering.runsOver(defender, first, x, model.cover().deep(), tick);
            return;
        }
        double away = ground.distance(defender, x, y);
        // over his area he gives ground slowly and reads
        double pace = away > figures.far() ? ground.top[defender] : model.body().pedal() * figures.reads();
        double end = cast.lineup.snap().field().endLineDepth() - 1;
        ground.aim(defender, x, Math.min(y, end), pace, true);
    }

    /** Whether he has to turn now, so that he is still deeper when he runs as fast as who comes at him. */
    private boolean late(int defender, int man, double y) {
        double closes = Math.max(0, eyes.vy(man) - Math.max(0, ground.vy[defender])) * figures.gives();
        return ground.y[defender] - y - closes < model.cover().deep();
    }

    /** To his landmark with his eyes on the passer, then before whoever comes into his area, deep before short. */
    private void under(int defender, AreaLedger.Row row, int tick) {
        if (tick >= again[defender]) {
            again[defender] = tick + figures.looksAgain();
            threat[defender] = pushes && pushed(row.side()) ? assigned(defender, row) : deepestIn(row);
        }
        Point to = row.landmark();
        int man = threat[defender];
        if (row.area().lane()) {
            lane(defender, man, tick);
            return;
        }
        if (man == NOBODY) {
            boolean far = ground.distance(defender, to.x(), to.y()) > figures.near();
            ground.aim(
                    defender,
                    to.x(),
                    to.y(),
                    far ? model.cover().cross() : model.body().shuffle(),
                    true);
            return;
        }
        double x = eyes.x(man) + eyes.vx(man) * figures.ahead();
        double y = eyes.y(man) + eyes.vy(man) * figures.ahead();
        double toPasser = Math.max(1e-6, Ground.length(ground.x[passer] - x, ground.y[passer] - y));
        double below = model.cover().below();
        x += below * (ground.x[passer] - x) / toPasser;
        y += below * (ground.y[passer] - y) / toPasser;
        if (row.area() == Area.FLAT) {
            // who has the flat and stands outside a receiver does not let him get outside
            double out = row.side().sign();
            double stands = cast.actors.get(defender).start().x()
                    - cast.actors.get(man).start().x();
            if (out * stands > 0 && out * stands < figures.wide()) {
                x = out * Math.max(out * x, out * eyes.x(man) + out * stands);
            }
        }
        // to the border of his area and no farther
        x = Math.max(row.extent().xMin() - figures.over(), Math.min(row.extent().xMax() + figures.over(), x));
        y = Math.max(1, Math.min(row.extent().yMax(), y));
        double gone = Ground.length(x - to.x(), y - to.y());
        if (gone > model.cover().holds() && row.area() != Area.ACROSS) {
            x = to.x() + (x - to.x()) * model.cover().holds() / gone;
            y = to.y() + (y - to.y()) * model.cover().holds() / gone;
        }
        double away = ground.distance(defender, x, y);
        double pace =
                away > 2 * figures.near() ? ground.top[defender] : model.cover().cross();
        ground.aim(defender, x, Math.max(1, y), pace, true);
    }

    /** Near the goal he gives no ground and goes with whoever is in his lane, as long as that man is in it. */
    private void lane(int defender, int man, int tick) {
        if (man == NOBODY) {
            covering.stays(defender);
            return;
        }
        covering.man(defender, man, tick);
    }

    /** Whether he is before this man just now. */
    boolean has(int defender, int man) {
        return threat[defender] == man;
    }

    /** Of those in his area the deepest; of two as deep the one nearer to his landmark. */
    private int deepestIn(AreaLedger.Row row) {
        int best = NOBODY;
        double most = Double.NEGATIVE_INFINITY;
        for (int man : receivers) {
            double x = eyes.x(man) + eyes.vx(man) * figures.looksAhead();
            double y = eyes.y(man) + eyes.vy(man) * figures.looksAhead();
            boolean out = y > 0 || Math.abs(eyes.vx(man)) > figures.out();
            boolean here = x > row.extent().xMin() - figures.over()
                    && x < row.extent().xMax() + figures.over()
                    && y < row.extent().yMax() + figures.deeper();
            if (!out || !here || blocks(man)) {
                continue;
            }
            double worth = y - figures.aside() * Math.abs(x - row.landmark().x());
            if (worth > most) {
                most = worth;
                best = man;
            }
        }
        return best;
    }

    private boolean blocks(int man) {
        return ground.y[man] < -figures.behind() && ground.speed(man) < figures.protects();
    }

    /** Whether a back or a third receiver is fast to the flat of a side: the men underneath push one man out then. */
    private boolean pushed(Side side) {
        int out = outermost(side);
        if (out == NOBODY) {
            return false;
        }
        Man man = cast.actors.get(out).man();
        int number = man == null ? 0 : cast.shape.number(man);
        return (number == 0 || number > 2) && eyes.y(out) < fastFlat && side.sign() * eyes.vx(out) > figures.pushes();
    }

    private int outermost(Side side) {
        List<Integer> here = outsideIn(side);
        return here.isEmpty() ? NOBODY : here.get(0);
    }

    /** Receivers of a side who are underneath, by where they will be in a moment, the outermost first. */
    private List<Integer> outsideIn(Side side) {
        var here = new ArrayList<Integer>();
        double middle = cast.shape.centre().x();
        for (int man : receivers) {
            double x = eyes.x(man) + eyes.vx(man);
            if (side.sign() * (x - middle) > 0 && eyes.y(man) < figures.underneath() && !blocks(man)) {
                here.add(man);
            }
        }
        here.sort(Comparator.comparingDouble(m -> -side.sign() * (eyes.x(m) + eyes.vx(m))));
        return here;
    }

    /** Each of the men underneath has the receiver who is as far from the sideline as he is. */
    private int assigned(int defender, AreaLedger.Row row) {
        List<Job> men = areas.rows().stream()
                .filter(r -> !r.area().deep() && r.side() == row.side())
                .sorted(Comparator.comparingDouble(
                        r -> -row.side().sign() * r.landmark().x()))
                .map(AreaLedger.Row::owner)
                .toList();
        int place = men.indexOf(cast.job(defender));
        List<Integer> here = outsideIn(row.side());
        return place >= 0 && place < here.size() ? here.get(place) : deepestIn(row);
    }
}
