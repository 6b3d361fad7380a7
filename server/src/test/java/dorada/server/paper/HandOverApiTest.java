package dorada.server.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.ReaderException;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import dorada.server.ApiTest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;

/** The sheet is read back by another library than the one that wrote it. */
class HandOverApiTest extends ApiTest {

    private String signedOff() throws Exception {
        return signedOff(makeInstallation(1.05));
    }

    private String signedOff(String id) throws Exception {
        measure(id, UUID.randomUUID(), 0);
        measure(id, UUID.randomUUID(), -0.012);
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        ("{\"version\":%d,\"passNumber\":2,\"remark\":\"Depth mark <filed> & sealed\","
                                        + "\"reason\":\"until the roof is dry\",\"due\":\"2199-01-05\",\"mendedBy\":\"Noa\"}")
                                .formatted(version))
                .andExpect(status().isOk());
        return id;
    }

    private PDDocument sheet(String id, String query) throws Exception {
        byte[] pdf = getAs(viewer, "/api/installations/" + id + "/hand-over" + query)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        return Loader.loadPDF(pdf);
    }

    private static String text(PDDocument sheet) throws Exception {
        return new PDFTextStripper().getText(sheet).replaceAll("\\s+", " ");
    }

    @Test
    void itSaysWhatWasFittedWhatItReadsAndHowItMayBeUsed() throws Exception {
        String id = signedOff();
        try (PDDocument sheet = sheet(id, "")) {
            String said = text(sheet);
            assertThat(said)
                    .contains(
                            "Hand-over sheet",
                            "Tractor 7",
                            "Olive growers",
                            "steel roof",
                            "25 W, rated for SWR up to 2.00")
                    .contains("Field (main)", "153.050", "157.450", "Over the band", "154 ", "157 ")
                    .contains("Depth mark <filed> & sealed", "until the roof is dry")
                    .contains("To be mended by January 5, 2199.", "Noa mends it.")
                    .contains("Signed off", "ines")
                    // The way there is the shop's own.
                    .doesNotContain("The way there");
            // The same numbers as the page shows.
            Number swr =
                    read(getAs(viewer, "/api/installations/" + id + "/passes"), "$[1].verdict.channels[0].reading.swr");
            assertThat(said).contains("%.2f".formatted(swr.doubleValue()));
        }
    }

    @Test
    void whatTheAirProvedAndWhatTheRadioDidStandOnIt() throws Exception {
        String radio = read(
                postJson(
                        "/api/radios",
                        "{\"version\":0,\"name\":\"Sheet radio\",\"ratedPowerW\":25,\"swrCeiling\":2,\"note\":\"\"}"),
                "$.id");
        postJson(
                        "/api/radios/" + radio + "/checks",
                        "{\"channelHz\":153e6,\"ratedPowerW\":25,\"forwardW\":24,\"fullScaleW\":50,\"carrierHz\":153e6,"
                                + "\"tolerance\":5,\"note\":\"\"}")
                .andExpect(status().isCreated());
        String id = signedOff();
        postJson(
                        "/api/installations/" + id + "/air/calls",
                        "{\"station\":\"Lighthouse\",\"frequencyHz\":153.05e6,\"distanceM\":8000,\"powerW\":5,"
                                + "\"oldAntenna\":false,\"report\":\"NOISY\",\"note\":\"\"}")
                .andExpect(status().isCreated());
        try (PDDocument sheet = sheet(id, "")) {
            assertThat(text(sheet))
                    .contains("On the air", "8.0 km (5.0 mi) away, Lighthouse, with 5.00 W: understood, noisy")
                    .doesNotContain("Sheet radio");
        }
        String named = signedOff(read(
                postJson(
                        "/api/installations",
                        plan("Tractor 12", 1.05).replace("\"channels\"", "\"radioId\":\"" + radio + "\",\"channels\"")),
                "$.id"));
        try (PDDocument sheet = sheet(named, "?language=ES")) {
            assertThat(text(sheet))
                    .contains("Sheet radio", "Apta: lo leído es como debe ser.")
                    .doesNotContain("En el aire");
        }
    }

    @Test
    void itHasThePartsByNumberTheOldAntennaAndThePhotoOfHowItWasLeft() throws Exception {
        String id = makeInstallation(1.05);
        String fitted = read(measure(id, UUID.randomUUID(), 0), "$.id");
        postJson(
                        "/api/installations/" + id + "/passes",
                        "{\"recording\":{\"requestKey\":\"" + UUID.randomUUID()
                                + "\",\"changeM\":0,\"oldAntenna\":true,\"note\":\"\"},"
                                + "\"startHz\":135e6,\"stopHz\":178e6,\"points\":201}")
                .andExpect(status().isCreated());
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", picture);
        http.perform(multipart("/api/passes/" + fitted + "/photo")
                        .file(new MockMultipartFile("photo", "roof.png", "image/png", picture.toByteArray()))
                        .with(as(technician))
                        .with(csrf()))
                .andExpect(status().isNoContent());
        String form = "{\"version\":" + read(getAs(viewer, "/api/installations/" + id), "$.version")
                + ",\"passNumber\":1,\"remark\":\"\",\"reason\":\"higher up\",\"parts\":[%s]}";
        postJson("/api/installations/" + id + "/sign-off", form.formatted("{\"name\":\" \",\"note\":\"\"}"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.field").value("parts[0].name"));
        postJson(
                        "/api/installations/" + id + "/sign-off",
                        form.formatted("{\"name\":\"Whip\",\"lengthM\":0.4901,\"note\":\"filed mark\"},"
                                + "{\"name\":\"Strap\",\"lengthM\":0.0635,\"note\":\"from the boom\"}"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.visits[0].signOff.parts[1].name").value("Strap"));
        try (PDDocument sheet = sheet(id, "")) {
            assertThat(text(sheet))
                    .containsPattern("1 Whip .*490.*filed mark")
                    .containsPattern("2 Strap .*64.*from the boom")
                    .contains("Old antenna and new", "Photos", "With pass 1");
        }
        try (PDDocument sheet = sheet(signedOff(), "")) {
            assertThat(text(sheet)).doesNotContain("Old antenna and new", "Photos", "numbered");
        }
    }

    @Test
    void theShopsCopyHasTheWayThereAndTheCustomersLanguageAndUnitAreChosen() throws Exception {
        String id = signedOff();
        try (PDDocument sheet = sheet(id, "?isForShop=true&language=ES&unit=IN&format=LETTER")) {
            String said = text(sheet);
            assertThat(said)
                    .contains(
                            "Hoja de entrega, copia del taller",
                            "El camino hasta aquí",
                            "−0.47 in (12 mm)",
                            "Reparar antes del");
            assertThat(sheet.getPage(0).getMediaBox().getWidth())
                    .isEqualTo(612f, org.assertj.core.api.Assertions.within(1f));
            assertThat(sheet.getDocumentCatalog().getLanguage()).isEqualTo("es");
        }
    }

    /** ISO 14289-1 asks for tags, a title, a language and embedded fonts. */
    @Test
    void itIsTaggedAndItsFontsAreEmbedded() throws Exception {
        try (PDDocument sheet = sheet(signedOff(), "")) {
            assertThat(sheet.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(sheet.getDocumentCatalog().getStructureTreeRoot().getKids())
                    .isNotEmpty();
            assertThat(sheet.getDocumentInformation().getTitle()).contains("Tractor 7");
            assertThat(sheet.getPage(0).getMediaBox().getHeight()).isBetween(841f, 843f);
            List<PDFont> fonts = new ArrayList<>();
            for (PDPage page : sheet.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    fonts.add(page.getResources().getFont(name));
                }
            }
            assertThat(fonts).isNotEmpty().allMatch(PDFont::isEmbedded);
        }
    }

    /** This reader misses some six squares of a thousand however crisp they are; from nearer or farther it finds those too. */
    private static String squareOf(PDDocument sheet) throws Exception {
        for (int dpi : new int[] {200, 300, 150, 250}) {
            BufferedImage page = new PDFRenderer(sheet).renderImageWithDPI(0, dpi);
            BufferedImage corner =
                    page.getSubimage(page.getWidth() * 3 / 5, 0, page.getWidth() * 2 / 5, page.getHeight() / 4);
            try {
                return new QRCodeReader()
                        .decode(
                                new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(corner))),
                                Map.of(DecodeHintType.TRY_HARDER, true))
                        .getText();
            } catch (ReaderException notReadFromHere) {
                continue;
            }
        }
        return "not readable";
    }

    @Test
    void itsSquareOpensTheInstallation() throws Exception {
        String id = signedOff();
        try (PDDocument sheet = sheet(id, "")) {
            assertThat(squareOf(sheet)).isEqualTo("http://localhost/installations/" + id);
        }
    }

    private void changesTheRule(String id, String plan) throws Exception {
        postJson("/api/installations/" + id + "/visits", "{\"purpose\":\"RETUNING\",\"why\":\"\"}")
                .andExpect(status().isCreated());
        int version = read(getAs(viewer, "/api/installations/" + id), "$.version");
        send(put("/api/installations/" + id + "?version=" + version), technician, plan)
                .andExpect(status().isOk());
    }

    @Test
    void aSignOffByAnotherRuleThanThePlanHasNowHasNoSheet() throws Exception {
        String id = signedOff();
        changesTheRule(id, plan("Tractor 7", 1.9));
        getAs(viewer, "/api/installations/" + id + "/hand-over")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("rule was changed")));
    }

    private String of(String customer, String title, double limitSwr) throws Exception {
        return read(
                postJson("/api/installations", plan(title, limitSwr).replace("Olive growers", customer))
                        .andExpect(status().isCreated()),
                "$.id");
    }

    @Test
    void allSheetsOfACustomerAreOneDocumentThatBeginsWithAList() throws Exception {
        signedOff(of("Cooperativa Sabina", "Tractor Sabina 1", 1.05));
        signedOff(of("Cooperativa Sabina", "Tractor Sabina 2", 1.05));
        of("Cooperativa Sabina", "Tractor Sabina 3", 1.05);
        String other = signedOff(of("Cooperativa Sabina", "Tractor Sabina 4", 1.05));
        changesTheRule(other, plan("Tractor Sabina 4", 1.9).replace("Olive growers", "Cooperativa Sabina"));
        byte[] pdf = getAs(viewer, "/api/hand-overs?customer=cooperativa sabina")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument folder = Loader.loadPDF(pdf)) {
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            assertThat(first.getText(folder))
                    .contains("Tractor Sabina 1", "Tractor Sabina 2", "Without a sheet", "Tractor Sabina 4")
                    .doesNotContain("Tractor Sabina 3")
                    .doesNotContain("Over the band");
            PDFTextStripper second = new PDFTextStripper();
            second.setStartPage(2);
            second.setEndPage(2);
            assertThat(second.getText(folder)).contains("Tractor Sabina 1").doesNotContain("Tractor Sabina 2");
            assertThat(text(folder)).contains("Over the band").doesNotContain("The way there");
            assertThat(folder.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
        }
        getAs(viewer, "/api/hand-overs?customer=Nobody")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail").value("Nothing of Nobody was ever signed off here."));
    }

    @Test
    void whatWasNeverSignedOffHasNoSheet() throws Exception {
        String id = makeInstallation(2);
        getAs(viewer, "/api/installations/" + id + "/hand-over")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("sign it off first")));
    }
}
