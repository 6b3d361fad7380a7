package dorada.server.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Set;

/** HTML on paper: tagged PDF (PDF/UA-1, ISO 14289-1), its fonts embedded, nothing fetched from anywhere. */
final class Pdf {

    private static final String FONT = "Sheet";
    /** In pictures too: this machine may have no fonts at all. */
    private static final Set<FSFontUseCase> EVERYWHERE = Set.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG);

    private static final int REGULAR = 400;
    private static final int BOLD = 700;

    static {
        XRLog.setLoggingEnabled(false);
    }

    private Pdf() {}

    static byte[] of(String html) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (BatikSVGDrawer pictures = new BatikSVGDrawer()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFastMode();
            builder.usePdfUaAccessibility(true);
            builder.useSVGDrawer(pictures);
            builder.useUriResolver((base, uri) -> null);
            builder.useFont(
                    () -> font("SourceSans3_400Regular.ttf"), FONT, REGULAR, FontStyle.NORMAL, true, EVERYWHERE);
            builder.useFont(() -> font("SourceSans3_600SemiBold.ttf"), FONT, BOLD, FontStyle.NORMAL, true, EVERYWHERE);
            builder.withProducer("Dorada");
            builder.withHtmlContent(html, null);
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static InputStream font(String name) {
        return Pdf.class.getResourceAsStream(name);
    }
}
