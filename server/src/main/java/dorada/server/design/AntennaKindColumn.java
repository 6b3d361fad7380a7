package dorada.server.design;

import dorada.core.antenna.AntennaKind;
import dorada.core.design.Designs;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;

/** A kind of antenna in a column. */
@Converter(autoApply = true)
class AntennaKindColumn implements AttributeConverter<AntennaKind, String> {

    @Override
    public String convertToDatabaseColumn(AntennaKind kind) {
        return kind == null ? null : kind.name();
    }

    @Override
    public AntennaKind convertToEntityAttribute(String id) {
        return id == null
                ? null
                : Designs.ALL
                        .kind(id)
                        .orElseThrow(() -> new IllegalStateException("The database has a kind of antenna “" + id
                                + "” that this Dorada does not know: it was written by a newer one."));
    }
}
