package nimblefurrow.server.workorder;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import javax.imageio.ImageIO;
import nimblefurrow.core.land.LocalPlane;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.server.land.Marks.MarkView;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** Draws a field with its marks in black on white, north up, as an image for a printed page. */
final class FieldMap {
  private static final int WIDE = 1000;
  private static final int HIGH = 760;
  private static final int EDGE = 60;

  /** What is drawn at full size is kept at this share: 180 dots an inch on the page. */
  private static final double KEPT = 0.7;

  private static final double METRES_PER_FOOT = 0.3048;

  private final LocalPlane plane;
  private final Envelope box;
  private final double scale;
  private final Graphics2D pen;
  private final BufferedImage image;

  private FieldMap(Geometry field) {
    this.plane = LocalPlane.about(field);
    this.box = plane.toPlane(field).getEnvelopeInternal();
    box.expandBy(box.getWidth() * 0.12 + 20, box.getHeight() * 0.12 + 20);
    this.scale =
        Math.min((WIDE - 2.0 * EDGE) / box.getWidth(), (HIGH - 2.0 * EDGE) / box.getHeight());
    this.image =
        new BufferedImage((int) (WIDE * KEPT), (int) (HIGH * KEPT), BufferedImage.TYPE_BYTE_GRAY);
    this.pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.scale(KEPT, KEPT);
    pen.setColor(Color.WHITE);
    pen.fillRect(0, 0, WIDE, HIGH);
  }

  /** The map as a data URI; hazards are numbered in the order given; the bar shows the scale. */
  static String draw(
      Geometry field,
      List<MarkView> hazards,
      List<MarkView> others,
      Coordinate filling,
      Length bar) {
    return draw(field, hazards, others, List.of(), filling, bar);
  }

  /** A letter at a place of the map. */
  record Letter(String letter, Coordinate at) {}

  /** The same with letters where something was noted. */
  static String draw(
      Geometry field,
      List<MarkView> hazards,
      List<MarkView> others,
      List<Letter> letters,
      Coordinate filling,
      Length bar) {
    FieldMap map = new FieldMap(field);
    map.field(field);
    for (MarkView other : others) {
      map.mark(other, "");
    }
    int number = 1;
    for (MarkView hazard : hazards) {
      map.mark(hazard, String.valueOf(number++));
    }
    letters.forEach(map::letter);
    map.filling(filling);
    map.northAndScale(bar);
    return map.uri();
  }

  private double x(Coordinate flat) {
    return WIDE / 2.0 + (flat.x - box.centre().x) * scale;
  }

  private double y(Coordinate flat) {
    return HIGH / 2.0 - (flat.y - box.centre().y) * scale;
  }

  private Path2D path(Geometry flat) {
    Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    for (int g = 0; g < flat.getNumGeometries(); g++) {
      if (flat.getGeometryN(g) instanceof Polygon p) {
        ring(path, p.getExteriorRing().getCoordinates());
        for (int h = 0; h < p.getNumInteriorRing(); h++) {
          ring(path, p.getInteriorRingN(h).getCoordinates());
        }
      } else {
        ring(path, flat.getGeometryN(g).getCoordinates());
      }
    }
    return path;
  }

  private void ring(Path2D path, Coordinate[] c) {
    for (int i = 0; i < c.length; i++) {
      if (i == 0) {
        path.moveTo(x(c[i]), y(c[i]));
      } else {
        path.lineTo(x(c[i]), y(c[i]));
      }
    }
  }

  private void field(Geometry field) {
    Path2D outline = path(plane.toPlane(field));
    pen.setColor(new Color(238, 238, 238));
    pen.fill(outline);
    pen.setColor(Color.BLACK);
    pen.setStroke(new BasicStroke(5));
    pen.draw(outline);
  }

  private void mark(MarkView mark, String number) {
    Geometry flat = plane.toPlane(mark.geometry());
    pen.setColor(Color.BLACK);
    if (mark.keepAwayFt() > 0) {
      pen.setStroke(
          new BasicStroke(
              2, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 10, new float[] {9, 7}, 0));
      pen.draw(path(flat.buffer(mark.keepAwayFt() * METRES_PER_FOOT)));
    }
    pen.setStroke(new BasicStroke(mark.kind().hazard() ? 4 : 2));
    if (flat.getDimension() == 0) {
      Coordinate c = flat.getCoordinate();
      pen.fillRect((int) x(c) - 7, (int) y(c) - 7, 14, 14);
    } else {
      pen.draw(path(flat));
    }
    if (!number.isEmpty()) {
      Coordinate at = flat.getCentroid().getCoordinate();
      int px = (int) Math.max(30, Math.min(WIDE - 30, x(at)));
      int py = (int) Math.max(30, Math.min(HIGH - 30, y(at)));
      pen.setColor(Color.WHITE);
      pen.fillOval(px - 22, py - 22, 44, 44);
      pen.setColor(Color.BLACK);
      pen.setStroke(new BasicStroke(3));
      pen.drawOval(px - 22, py - 22, 44, 44);
      pen.setFont(new Font(Font.SANS_SERIF, Font.BOLD, 28));
      pen.drawString(number, px - 8 * number.length(), py + 10);
    }
  }

  private void letter(Letter letter) {
    Coordinate c = plane.toPlane(letter.at());
    pen.setColor(Color.BLACK);
    pen.setFont(new Font(Font.SANS_SERIF, Font.BOLD, 26));
    pen.drawString(letter.letter(), (int) x(c) - 8, (int) y(c) + 9);
  }

  private void filling(Coordinate place) {
    Coordinate c = plane.toPlane(place);
    int px = (int) Math.max(20, Math.min(WIDE - 20, x(c)));
    int py = (int) Math.max(20, Math.min(HIGH - 20, y(c)));
    pen.setColor(Color.BLACK);
    pen.fillPolygon(new int[] {px - 16, px + 16, px}, new int[] {py + 14, py + 14, py - 16}, 3);
  }

  private void northAndScale(Length bar) {
    pen.setColor(Color.BLACK);
    pen.setStroke(new BasicStroke(4));
    pen.drawLine(WIDE - 40, 80, WIDE - 40, 25);
    pen.fillPolygon(new int[] {WIDE - 52, WIDE - 28, WIDE - 40}, new int[] {40, 40, 12}, 3);
    int length = (int) (bar.metres() * scale);
    pen.drawLine(30, HIGH - 22, 30 + length, HIGH - 22);
    pen.drawLine(30, HIGH - 32, 30, HIGH - 12);
    pen.drawLine(30 + length, HIGH - 32, 30 + length, HIGH - 12);
  }

  private String uri() {
    pen.dispose();
    try (ByteArrayOutputStream png = new ByteArrayOutputStream()) {
      ImageIO.write(image, "png", png);
      return "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
