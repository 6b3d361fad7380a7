/**
 * The antennas that Dorada knows: one {@link dorada.core.design.AntennaDesign} for each kind, which says how it is named and
 * trimmed, cut, planned and simulated. {@link dorada.core.design.Designs} lists them; everything else asks there. Their cut sheets
 * are in {@code cutsheet.kind}.
 */
package dorada.core.design;
