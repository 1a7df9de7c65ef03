package mensch.app.report;

import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Font;
import com.lowagie.text.PageSize;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.ColumnText;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import com.lowagie.text.pdf.PdfPageEventHelper;
import com.lowagie.text.pdf.PdfWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;

/** A sheet of paper in one ink: headings, tables and lines, its own fonts in it. A4, points. */
final class Paper {
    private static final float MARGIN = 42;
    private static final float TITLE = 17;
    private static final float HEADING = 12;
    private static final float TEXT = 9.5f;
    private static final float SMALL = 8;
    private static final float PAD = 3;
    private static final float ROOM = 60;
    private static final BaseFont PLAIN = font("LiberationSans-Regular.ttf");
    private static final BaseFont BOLD = font("LiberationSans-Bold.ttf");

    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    private final PdfWriter writer;
    private final Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);

    /** @param foot at the bottom of every page */
    Paper(String title, String foot) {
        writer = PdfWriter.getInstance(document, bytes);
        writer.setPageEvent(new Foot(foot));
        document.addTitle(title);
        document.open();
        document.add(new Paragraph(title, new Font(BOLD, TITLE)));
    }

    private static final class Foot extends PdfPageEventHelper {
        private final String words;

        Foot(String words) {
            this.words = words;
        }

        @Override
        public void onEndPage(PdfWriter writer, Document page) {
            ColumnText.showTextAligned(
                    writer.getDirectContent(),
                    Element.ALIGN_LEFT,
                    new Phrase(words + " \u00b7 page " + writer.getPageNumber(), new Font(PLAIN, SMALL)),
                    page.left(),
                    page.bottom() - 2 * SMALL,
                    0);
        }
    }

    private static BaseFont font(String file) {
        try (InputStream in = Paper.class.getResourceAsStream("/liberation/" + file)) {
            if (in == null) {
                throw new IllegalStateException("the font " + file + " is not packed");
            }
            return BaseFont.createFont(file, BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, in.readAllBytes(), null);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A heading never stands at the foot of a page alone. */
    Paper heading(String words) {
        if (writer.getVerticalPosition(true) < document.bottom() + ROOM) {
            document.newPage();
        }
        var heading = new Paragraph(words, new Font(BOLD, HEADING));
        heading.setSpacingBefore(HEADING);
        heading.setKeepTogether(true);
        document.add(heading);
        return this;
    }

    Paper line(String words) {
        document.add(new Paragraph(words, new Font(PLAIN, TEXT)));
        return this;
    }

    /** A row is never split over two pages; the head stands on each. */
    Paper table(List<String> head, List<List<String>> rows) {
        var table = new PdfPTable(head.size());
        table.setWidthPercentage(100);
        table.setSpacingBefore(2 * PAD);
        table.setHeaderRows(1);
        table.setSplitRows(false);
        head.forEach(words -> table.addCell(cell(words, new Font(BOLD, SMALL))));
        rows.forEach(row -> row.forEach(words -> table.addCell(cell(words, new Font(PLAIN, TEXT)))));
        document.add(table);
        return this;
    }

    private static PdfPCell cell(String words, Font font) {
        var cell = new PdfPCell(new Phrase(words, font));
        cell.setBorder(Rectangle.BOTTOM);
        cell.setPadding(PAD);
        return cell;
    }

    byte[] bytes() {
        document.close();
        return bytes.toByteArray();
    }
}
