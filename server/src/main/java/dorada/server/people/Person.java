package dorada.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** Somebody of the shop. */
@Entity
public class Person {

    @Id
    private UUID id;

    private String login;
    private String displayName;

    @Enumerated(EnumType.STRING)
    @Column(length = 20)
    private Role role;

    private String passwordHash;
    private Instant createdAt;
    private boolean active = true;

    @Version
    private long version;

    protected Person() {}

    public Person(String login, String displayName, Role role, String passwordHash, Instant createdAt) {
        this.id = UUID.randomUUID();
        this.login = login;
        this.displayName = displayName;
        this.role = role;
        this.passwordHash = passwordHash;
        this.createdAt = createdAt;
    }

    /** Known by name alone: nobody signs in as them. */
    static Person whoLeft(String login, String displayName, Instant at) {
        Person person = new Person(login, displayName, Role.VIEWER, "", at);
        person.active = false;
        return person;
    }

    public UUID id() {
        return id;
    }

    public String login() {
        return login;
    }

    public String displayName() {
        return displayName;
    }

    public Role role() {
        return role;
    }

    /** False for somebody who has left. */
    public boolean isActive() {
        return active;
    }

    /** Changes with everything that a session or token rests on. */
    long version() {
        return version;
    }

    void change(String newName, Role newRole, boolean isActive) {
        displayName = newName;
        role = newRole;
        active = isActive;
    }

    void setPasswordHash(String hash) {
        passwordHash = hash;
    }

    String passwordHash() {
        return passwordHash;
    }
}
