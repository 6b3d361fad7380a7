package dorada.server.archive;

import dorada.server.archive.Archives.ReadArchiveView;
import dorada.server.installation.InstallationService;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Archives to take away and to read here. */
@RestController
@RequestMapping("/api")
class ArchiveController {

    private final Archives archives;
    private final InstallationService installations;

    ArchiveController(Archives archives, InstallationService installations) {
        this.archives = archives;
        this.installations = installations;
    }

    @GetMapping("/installations/{id}/archive")
    ResponseEntity<StreamingResponseBody> ofOne(@PathVariable UUID id) {
        return zip(installations.byId(id).shopNumber(), Optional.of(id));
    }

    @GetMapping("/archive")
    ResponseEntity<StreamingResponseBody> ofTheShop() {
        return zip("dorada-shop", Optional.empty());
    }

    /** A small one, as from the page; a large one is read on the machine: {@code ./dorada read-archive FILE}. */
    @PostMapping(path = "/archive", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ReadArchiveView read(@RequestPart("file") MultipartFile file) throws IOException {
        Path spooled = Files.createTempFile("dorada-archive", ".zip");
        try {
            file.transferTo(spooled);
            return archives.read(spooled);
        } finally {
            Files.delete(spooled);
        }
    }

    private ResponseEntity<StreamingResponseBody> zip(String name, Optional<UUID> only) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + ".zip", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(out -> archives.write(only, out));
    }
}
