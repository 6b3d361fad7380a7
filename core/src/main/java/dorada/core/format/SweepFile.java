package dorada.core.format;

import dorada.core.sweep.Sweep;
import java.util.List;

/**
 * A sweep as read from a file.
 *
 * @param sweep the reflections, re the file's own reference resistance
 * @param warnings what was odd but certain in meaning, as sentences
 */
public record SweepFile(Sweep sweep, List<String> warnings) {

    public SweepFile {
        warnings = List.copyOf(warnings);
    }
}
