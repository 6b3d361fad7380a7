/** What a shop knows by name, and names on its installations: whose they are, what they stand on, what they are made of. */
package dorada.core.catalogue;
