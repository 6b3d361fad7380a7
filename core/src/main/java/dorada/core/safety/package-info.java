/**
 * What can hurt someone, said once: {@link dorada.core.safety.Cautions#of} knows which cautions belong to a situation.
 * Reminders, never a substitute for local codes or a licensed person.
 */
package dorada.core.safety;
