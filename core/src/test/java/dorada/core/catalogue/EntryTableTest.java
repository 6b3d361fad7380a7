package dorada.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dorada.core.format.FormatException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EntryTableTest {

    /** Source of quoting: RFC 4180, sections 2.5 to 2.7. */
    @Test
    void whatWasWrittenIsReadAgain() throws FormatException {
        List<Entry> entries = List.of(
                new Entry(Sort.CUSTOMER, "Quarry, \"north\"", "", "two\nlines"),
                new Entry(Sort.CARRIED_BY, "Tractor 7", "Olive growers", "steel roof"),
                new Entry(Sort.BASE, "Edge clamp", "", ""));
        String text = EntryTable.write(entries);
        assertThat(text).startsWith("sort,name,customer,detail\r\n").contains("\"Quarry, \"\"north\"\"\"");
        assertThat(EntryTable.read(text)).isEqualTo(entries);
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+34 5", "-12 V lead", "@quay", "'=2", "''=3"})
    void nothingIsComputedByASpreadsheetAndAllIsReadAgain(String name) throws FormatException {
        List<Entry> entries = List.of(new Entry(Sort.FEEDLINE, name, "", name));
        String text = EntryTable.write(entries);
        assertThat(text).contains("feedline,'" + name + ",,'" + name);
        assertThat(EntryTable.read(text)).isEqualTo(entries);
    }

    @Test
    void columnsMayStandInAnyOrderAndSomeMayBeMissing() throws FormatException {
        assertThat(EntryTable.read("\uFEFFName,SORT\n Ferry quay ,customer\n\nMast 2,Carried by\n"))
                .containsExactly(
                        new Entry(Sort.CUSTOMER, "Ferry quay", "", ""), new Entry(Sort.CARRIED_BY, "Mast 2", "", ""));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name,detail;a,b|1|refused.table.NO_HEADINGS",
                "sort,name;customer,a;boat,b|3|refused.catalogue.NO_SUCH_SORT",
                "sort,name;customer,|2|refused.table.NO_NAME",
                "sort,name,sort;customer,a,b|0|refused.table.NOT_A_TABLE"
            })
    void theFirstLineThatCannotBeUsedIsNamed(String rows, int line, String why) {
        assertThatThrownBy(() -> EntryTable.read(rows.replace(';', '\n')))
                .isInstanceOfSatisfying(FormatException.class, e -> {
                    assertThat(e.line()).isEqualTo(line);
                    assertThat(e.getMessage()).startsWith(why);
                });
    }

    @Test
    void aNameThatIsTooLongIsRefused() {
        assertThatThrownBy(() -> EntryTable.read("sort,name\ncustomer," + "n".repeat(161)))
                .hasMessageStartingWith("refused.table.TOO_LONG");
    }

    @Test
    void twoOfOneNameAreOneUnlessTheyAreOfTwoCustomers() {
        Entry one = new Entry(Sort.CARRIED_BY, "Lorry 5", "Quarry", "steel");
        assertThat(one.isSameAs(new Entry(Sort.CARRIED_BY, " lorry 5", "QUARRY", "")))
                .isTrue();
        assertThat(one.isSameAs(new Entry(Sort.CARRIED_BY, "Lorry 5", "Mill", "")))
                .isFalse();
        assertThat(one.isSameAs(new Entry(Sort.BASE, "Lorry 5", "Quarry", ""))).isFalse();
        // Nobody owns a kind of base.
        assertThat(new Entry(Sort.BASE, "Clamp", "Quarry", "").isSameAs(new Entry(Sort.BASE, "clamp", "", "")))
                .isTrue();
    }
}
