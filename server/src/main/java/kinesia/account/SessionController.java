package kinesia.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
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
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, the first owner of an empty installation, and the demo calendar. */
@RestController
class SessionController {
    private static final String OWNER_KNOWN = "This installation already has an owner. Please sign in.";

    private final Accounts accounts;
    private final Rooms rooms;
    private final RoomCalendar calendar;
    private final SecurityContextRepository contexts;
    private final SignInLimiter limiter;
    private final PasswordRule passwordRule;
    private final CsrfTokenRepository tokens;
    private final TransactionTemplate transactions;
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
            PasswordRule passwordRule,
            CsrfTokenRepository tokens,
            TransactionTemplate transactions,
            @Value("${kinesia.demo}") boolean demo) {
        this.accounts = accounts;
        this.rooms = rooms;
        this.calendar = calendar;
        this.contexts = contexts;
        this.limiter = limiter;
        this.passwordRule = passwordRule;
        this.tokens = tokens;
        this.transactions = transactions;
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

            String password) {}

    /** Who is signed in; {@code person} is missing when nobody is. */
    record SignedInView(@Nullable Person person, boolean ownerMissing, boolean demo) {}

    record Person(String name, String email, Role role, String roomName, LocalDate today) {}

    @GetMapping("/api/session")
    @Transactional(readOnly = true)
    SignedInView current(@AuthenticationPrincipal @Nullable SignedIn who) {
        return view(who);
    }

    /** The password is checked outside any transaction: hashing takes a while and holds no connection. */
    @PostMapping("/api/session")
    SignedInView signIn(@RequestBody SignIn body, HttpServletRequest request, HttpServletResponse response) {
        String email = Account.normalised(body.email());
        Account account = accounts.findByEmail(email).orElse(null);
        String hash = account == null ? nobodysHash : account.passwordHash();
        boolean right = limiter.matches(email, request.getRemoteAddr(), body.password(), hash);
        if (account == null || !right) {
            throw Problem.unauthorized();
        }
        return open(account.signedIn(), request, response);
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
    SignedInView firstOwner(@RequestBody FirstOwner body, HttpServletRequest request, HttpServletResponse response) {
        if (accounts.count() > 0) {
            throw Problem.refused(OWNER_KNOWN);
        }
        passwordRule.require(body.password(), body.email(), List.of(body.name(), body.roomName()));
        String hash = limiter.hash(body.password());
        SignedIn owner = transactions.execute(status -> {
            // Of several at the same moment one makes the room; the others come in when it is there.
            accounts.oneAtATime();
            if (accounts.count() > 0) {
                throw Problem.refused(OWNER_KNOWN);
            }
            Room room = rooms.save(new Room(body.roomName().strip()));
            return accounts.saveAndFlush(
                            new Account(room, body.email(), body.name().strip(), Role.OWNER, hash))
                    .signedIn();
        });
        return open(Objects.requireNonNull(owner), request, response);
    }

    /** Moves the demo room's calendar one day ahead; only where the demo data was loaded. */
    @PostMapping("/api/demo/next-day")
    @Transactional
    SignedInView nextDay(@AuthenticationPrincipal SignedIn who) {
        if (!demo) {
            throw Problem.notFound();
        }
        Room room = rooms.findById(who.roomId()).orElseThrow();
        room.moveDemoClock(1);
        return view(who);
    }

    private SignedInView open(SignedIn who, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.getSession().invalidate(); // what was from before the sign-in is worth nothing after it
        }
        tokens.saveToken(null, request, response);
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
