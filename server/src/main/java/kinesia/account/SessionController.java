package kinesia.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, the first owner of an empty installation, and the demo calendar. */
@RestController
class SessionController {
    private final Accounts accounts;
    private final Rooms rooms;
    private final RoomCalendar calendar;
    private final PasswordEncoder passwords;
    private final SecurityContextRepository contexts;
    private final SignInLimiter limiter;
    private final boolean demo;
    // Checked when the e-mail is unknown, so that the answer takes as long as for a known one.
    private final String nobodysHash;

    SessionController(
            Accounts accounts,
            Rooms rooms,
            RoomCalendar calendar,
            PasswordEncoder passwords,
            SecurityContextRepository contexts,
            SignInLimiter limiter,
            @Value("${kinesia.demo}") boolean demo) {
        this.accounts = accounts;
        this.rooms = rooms;
        this.calendar = calendar;
        this.passwords = passwords;
        this.contexts = contexts;
        this.limiter = limiter;
        this.demo = demo;
        this.nobodysHash = passwords.encode("nobody");
    }

    record SignIn(
            @NotBlank(message = "is needed") String email,
            @NotBlank(message = "is needed") String password) {}

    record FirstOwner(
            @NotBlank(message = "is needed") @Size(max = 80, message = "at most 80 characters")
            String roomName,

            @NotBlank(message = "is needed") @Size(max = 80, message = "at most 80 characters")
            String name,

            @NotBlank(message = "is needed") @Email(message = "is not an e-mail address")
            String email,

            @Size(min = 12, max = 200, message = "from 12 to 200 characters")
            String password) {}

    /** Who is signed in; {@code person} is missing when nobody is. */
    record SignedInView(@Nullable Person person, boolean ownerMissing, boolean demo) {}

    record Person(String name, String email, Role role, String roomName, LocalDate today) {}

    @GetMapping("/api/session")
    @Transactional(readOnly = true)
    SignedInView current(@AuthenticationPrincipal @Nullable SignedIn who) {
        return view(who);
    }

    @PostMapping("/api/session")
    @Transactional(readOnly = true)
    SignedInView signIn(@Valid @RequestBody SignIn body, HttpServletRequest request, HttpServletResponse response) {
        String email = Account.normalised(body.email());
        limiter.check(email);
        Account account = accounts.findByEmail(email).orElse(null);
        boolean right = passwords.matches(body.password(), account == null ? nobodysHash : account.passwordHash());
        if (account == null || !right) {
            limiter.failed(email);
            throw Problem.unauthorized();
        }
        return open(account, request, response);
    }

    @DeleteMapping("/api/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }

    @PostMapping("/api/owner")
    @Transactional
    SignedInView firstOwner(
            @Valid @RequestBody FirstOwner body, HttpServletRequest request, HttpServletResponse response) {
        if (accounts.count() > 0) {
            throw Problem.refused("This installation already has an owner. Please sign in.");
        }
        Room room = rooms.save(new Room(body.roomName().strip()));
        Account owner = accounts.saveAndFlush(
                new Account(room, body.email(), body.name().strip(), Role.OWNER, passwords.encode(body.password())));
        return open(owner, request, response);
    }

    /** Moves the demo room's calendar one day ahead; only where the demo data was loaded. */
    @PostMapping("/api/demo/next-day")
    @Transactional
    SignedInView nextDay(@AuthenticationPrincipal SignedIn who) {
        if (!demo) {
            throw Problem.notFound("demo calendar");
        }
        Room room = rooms.findById(who.roomId()).orElseThrow();
        room.moveDemoClock(1);
        return view(who);
    }

    private SignedInView open(Account account, HttpServletRequest request, HttpServletResponse response) {
        SignedIn who = account.signedIn();
        if (request.getSession(false) != null) {
            request.changeSessionId(); // a session id from before the sign-in is worth nothing after it
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                who, null, List.of(new SimpleGrantedAuthority("ROLE_" + who.role()))));
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
        return view(who);
    }

    private SignedInView view(@Nullable SignedIn who) {
        if (who == null) {
            return new SignedInView(null, accounts.count() == 0, demo);
        }
        String room = rooms.findById(who.roomId()).map(Room::name).orElse("");
        return new SignedInView(
                new Person(who.name(), who.email(), who.role(), room, calendar.today(who.roomId())), false, demo);
    }
}
