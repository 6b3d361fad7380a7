package dorada.server.people;

import java.io.Serializable;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** The person behind a request. */
public final class SignedIn implements UserDetails, Serializable {

    private static final long serialVersionUID = 1;

    private final UUID id;
    private final String login;
    private final String displayName;
    private final Role role;
    private final long version;
    private final boolean active;
    private final transient String passwordHash;

    SignedIn(Person person) {
        this.id = person.id();
        this.login = person.login();
        this.displayName = person.displayName();
        this.role = person.role();
        this.version = person.version();
        this.active = person.isActive();
        this.passwordHash = person.passwordHash();
    }

    public UUID id() {
        return id;
    }

    public String displayName() {
        return displayName;
    }

    public Role role() {
        return role;
    }

    /** Of the person when this began. */
    long version() {
        return version;
    }

    @Override
    public boolean isEnabled() {
        return active;
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("ROLE_" + role.name()));
    }

    @Override
    public String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return login;
    }
}
