package mensch.camera;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.field.Paint;
import mensch.core.film.ImagePoint;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/**
 * Paints one frame: grass, paint on the grass, bodies far to near, the ball. Everything goes through the camera's own
 * matrix.
 */
public final class Painter {
    private static final Color GRASS = new Color(74, 112, 62);
    private static final Color GRASS_DARK = new Color(66, 103, 56);
    private static final Color PAINT = new Color(236, 238, 228);
    private static final Color SHADOW = new Color(0, 0, 10, 95);
    /** Worn lines are painted in pieces so long, yards. */
    private static final double PIECE = 1;

    private static final double STRIPE_WIDTH = Paint.LINE_YARDS;
    /** Half a hash, yards. */
    private static final double TICK = Paint.TICK_YARDS / 2;

    private static final Font NUMERALS = new Font(Font.SANS_SERIF, Font.BOLD, 100);

    private final PinholeCamera camera;
    private final Field field;
    private final Weather weather;
    private final BufferedImage ground;

    public Painter(PinholeCamera camera, Field field) {
        this(camera, field, Weather.FINE);
    }

    public Painter(PinholeCamera camera, Field field, Weather weather) {
        this.camera = camera;
        this.field = field;
        this.weather = weather;
        this.ground = new BufferedImage(camera.widthPixels(), camera.heightPixels(), BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D g = smooth(ground);
        g.setColor(GRASS);
        g.fillRect(0, 0, ground.getWidth(), ground.getHeight());
        ground(g);
        g.dispose();
    }

    private static Graphics2D smooth(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        return g;
    }

    private void ground(Graphics2D g) {
        int toGoal = field.ball().yardsToGoal();
        double left = field.sidelineX(Side.LEFT);
        double right = field.sidelineX(Side.RIGHT);
        for (int y = -40; y <= 50; y++) {
            int line = toGoal - y;
            if (line < -10 || line > 110) {
                continue;
            }
            if (Math.floorMod(line, 10) == 5) {
                quad(g, GRASS_DARK, left, right, y, y + 5);
            }
        }
        for (int y = -40; y <= 50; y++) {
            int line = toGoal - y;
            if (line < 0 || line > 100) {
                continue;
            }
            if (line % 5 == 0) {
                line(g, y, left, right);
            }
            ticks(g, y, line % 5 == 0 && line > 0 && line < 100);
            if (line % 10 == 0 && line > 0 && line < 100) {
                numbers(g, y, Math.min(line, 100 - line));
            }
        }
        quad(g, PAINT, left - 1, left, -45, 55);
        quad(g, PAINT, right, right + 1, -45, 55);
        if (weather.shadow()) {
            quad(g, SHADOW, left - 20, left + (right - left) / 3, -45, 55);
        }
    }

    /** A yard line, with gaps where it is worn. */
    private void line(Graphics2D g, double y, double left, double right) {
        for (double x = left; x < right; x += PIECE) {
            if (!weather.worn(x, y)) {
                quad(
                        g,
                        weather.paint(PAINT),
                        x,
                        Math.min(right, x + PIECE),
                        y - STRIPE_WIDTH / 2,
                        y + STRIPE_WIDTH / 2);
            }
        }
    }

    /** @param crossed by a yard line: the hash lies across it, and both are a cross */
    private void ticks(Graphics2D g, int y, boolean crossed) {
        for (Side side : Side.values()) {
            double hash = field.x(Mark.HASH, side, 0);
            quad(g, weather.paint(PAINT), hash - TICK, hash + TICK, y - STRIPE_WIDTH / 2, y + STRIPE_WIDTH / 2);
            if (crossed) {
                quad(g, weather.paint(PAINT), hash - STRIPE_WIDTH / 2, hash + STRIPE_WIDTH / 2, y - TICK, y + TICK);
            }
            double edge = field.fromSideline(side, Paint.EDGE_TICKS_YARDS);
            quad(g, weather.paint(PAINT), edge - TICK, edge + TICK, y - STRIPE_WIDTH / 2, y + STRIPE_WIDTH / 2);
        }
    }

    /** Numerals two yards high between the edges of the numbers, feet toward the nearer sideline. */
    private void numbers(Graphics2D g, double y, int number) {
        Code code = field.code();
        var outline = NUMERALS.createGlyphVector(new FontRenderContext(null, true, true), String.valueOf(number))
                .getOutline();
        Rectangle2D box = outline.getBounds2D();
        double scale = (code.numbersTopYards() - code.numbersBottomYards()) / box.getHeight();
        for (Side side : Side.values()) {
            double bottom = field.fromSideline(side, code.numbersBottomYards());
            int inward = -side.sign();
            var path = new Path2D.Double();
            for (var it = new FlatteningPathIterator(outline.getPathIterator(new AffineTransform()), 1);
                    !it.isDone();
                    it.next()) {
                double[] c = new double[6];
                int kind = it.currentSegment(c);
                double up = (box.getMaxY() - c[1]) * scale;
                double along = (c[0] - box.getCenterX()) * scale;
                ImagePoint p = camera.project(new Point3(bottom + inward * up, y + inward * -along, 0));
                if (p == null) {
                    return;
                }
                if (kind == PathIterator.SEG_MOVETO) {
                    path.moveTo(p.xPixels(), p.yPixels());
                } else if (kind == PathIterator.SEG_LINETO) {
                    path.lineTo(p.xPixels(), p.yPixels());
                } else {
                    path.closePath();
                }
            }
            g.setColor(PAINT);
            g.fill(path);
        }
    }

    private void quad(Graphics2D g, Color color, double x1, double x2, double y1, double y2) {
        var path = new Path2D.Double();
        double[][] corners = {{x1, y1}, {x2, y1}, {x2, y2}, {x1, y2}};
        for (int i = 0; i < corners.length; i++) {
            ImagePoint p = camera.project(new Point3(corners[i][0], corners[i][1], 0));
            if (p == null) {
                return;
            }
            if (i == 0) {
                path.moveTo(p.xPixels(), p.yPixels());
            } else {
                path.lineTo(p.xPixels(), p.yPixels());
            }
        }
        path.closePath();
        g.setColor(color);
        g.fill(path);
    }

    /** The frame so many seconds after the snap (negative before it) into {@code image}. */
    public void frame(BufferedImage image, Scene scene, double seconds) {
        Graphics2D g = smooth(image);
        g.drawImage(ground, 0, 0, null);
        Stream.concat(scene.bodies().stream(), weather.beside(field).stream())
                .sorted(Comparator.comparingDouble(b -> -distance(b.feet(seconds))))
                .forEach(b -> body(g, b, seconds));
        ball(g, scene.ball(), seconds);
        g.dispose();
    }

    private double distance(Point feet) {
        return Math.hypot(feet.x() - camera.eye().x(), feet.y() - camera.eye().y());
    }

    private void ball(Graphics2D g, List<Point> way, double seconds) {
        int tick = (int) Math.max(0, Math.min(way.size() - 1, Math.round(seconds / Body.TICK)));
        Point at = seconds <= 0 ? new Point(0, 0) : way.get(tick);
        ImagePoint p = camera.project(new Point3(at.x(), at.y(), seconds <= 0 ? 0.15 : 1));
        if (p != null && camera.sees(p)) {
            g.setColor(new Color(112, 62, 30));
            g.fill(new Ellipse2D.Double(p.xPixels() - 5, p.yPixels() - 4, 10, 8));
        }
    }

    private void body(Graphics2D g, Body body, double seconds) {
        Point feet = body.feet(seconds);
        double height = body.crouched() && seconds < 0.15 ? 1.15 : 2.0;
        double lean = body.crouched() && seconds < 0.15 ? (body.defence() ? -0.6 : 0.4) : 0;
        ImagePoint ground = camera.project(new Point3(feet.x(), feet.y(), 0));
        ImagePoint hip = camera.project(new Point3(feet.x(), feet.y() + lean * 0.4, height * 0.45));
        ImagePoint shoulder = camera.project(new Point3(feet.x(), feet.y() + lean, height * 0.82));
        ImagePoint head = camera.project(new Point3(feet.x(), feet.y() + lean * 1.1, height * 0.95));
        ImagePoint yard = camera.project(new Point3(feet.x(), feet.y(), 1));
        if (ground == null || head == null || !camera.sees(ground)) {
            return;
        }
        double scale = Math.hypot(yard.xPixels() - ground.xPixels(), yard.yPixels() - ground.yPixels()) / 0.97;
        legs(g, body, seconds, hip, scale);
        Color jersey = body.defence() ? new Color(38, 48, 92) : new Color(226, 222, 210);
        limb(g, jersey, hip, shoulder, scale * 0.52);
        helmet(g, body, head, scale * 0.17);
        number(g, body, hip, shoulder, scale);
    }

    private static void helmet(Graphics2D g, Body body, ImagePoint head, double radius) {
        g.setColor(body.defence() ? new Color(222, 170, 60) : new Color(150, 40, 36));
        g.fill(new Ellipse2D.Double(head.xPixels() - radius, head.yPixels() - radius, 2 * radius, 2 * radius));
    }

    private static void number(Graphics2D g, Body body, ImagePoint hip, ImagePoint shoulder, double scale) {
        g.setFont(NUMERALS.deriveFont((float) (scale * 0.42)));
        g.setColor(body.defence() ? PAINT : new Color(120, 30, 28));
        String number = String.valueOf(body.number());
        float width = g.getFontMetrics().stringWidth(number);
        g.drawString(number, (float) (hip.xPixels() + shoulder.xPixels()) / 2 - width / 2, (float)
                ((hip.yPixels() + shoulder.yPixels()) / 2 + scale * 0.15));
    }

    /** Each foot where it is, striding as he runs. */
    private void legs(Graphics2D g, Body body, double seconds, ImagePoint hip, double scale) {
        Color trousers = body.defence() ? new Color(60, 66, 84) : new Color(140, 138, 130);
        int side = -1;
        for (Point at : body.bothFeet(seconds)) {
            ImagePoint foot = camera.project(new Point3(at.x(), at.y(), 0));
            if (foot != null) {
                limb(g, trousers, foot, new ImagePoint(hip.xPixels() + side * 0.1 * scale, hip.yPixels()), scale * 0.2);
                g.setColor(new Color(28, 28, 30));
                g.fill(new Ellipse2D.Double(
                        foot.xPixels() - scale * 0.13, foot.yPixels() - scale * 0.06, scale * 0.26, scale * 0.12));
            }
            side = 1;
        }
    }

    private static void limb(Graphics2D g, Color color, ImagePoint a, ImagePoint b, double width) {
        g.setColor(color);
        g.setStroke(new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(new Line2D.Double(a.xPixels(), a.yPixels(), b.xPixels(), b.yPixels()));
    }
}
