package kinesia.account;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import kinesia.shared.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who works in the room: the owner adds and removes people, and anybody changes their own password. */
@RestController
class AccountController {
    private final Accounts accounts;
    private final Rooms rooms;
    private final SignInLimiter limiter;
    private final PasswordRule passwordRule;
    private final TransactionTemplate transactions;

    AccountController(
            Accounts accounts,
            Rooms rooms,
            SignInLimiter limiter,
            PasswordRule passwordRule,
            TransactionTemplate transactions) {
        this.accounts = accounts;
        this.rooms = rooms;
        this.limiter = limiter;
        this.passwordRule = passwordRule;
        this.transactions = transactions;
    }

    record AccountView(UUID id, String name, String email, Role role, boolean you) {}

    /** @param password missing where the present one stays */
    record SaveAccount(
            @NotBlank(message = "is needed") @Size(max = 80, message = "at most 80 characters")
            String name,

            @NotBlank(message = "is needed") @Email(message = "is not an e-mail address")
            String email,

            Role role,
            @Nullable String password) {}

    record NewPassword(String present, String password) {}

    @GetMapping("/api/accounts")
    List<AccountView> all(@AuthenticationPrincipal SignedIn who) {
        return accounts.findByRoomIdOrderByName(who.roomId()).stream()
                .map(a -> view(a, who))
                .toList();
    }

    /** Adds somebody under an id made by the page, or changes them, which ends their sign-ins of before. */
    @PutMapping("/api/accounts/{id}")
    AccountView save(@PathVariable UUID id, @RequestBody SaveAccount body, @AuthenticationPrincipal SignedIn who) {
        if (body.password() != null) {
            passwordRule.require(body.password(), body.email(), List.of(body.name()));
        }
        String hash = body.password() == null ? null : limiter.hash(body.password());
        Account saved = transactions.execute(status -> {
            Account known = accounts.findByIdAndRoomId(id, who.roomId()).orElse(null);
            requireFree(body.email(), id);
            if (known != null) {
                requireOwnerLeft(known, body.role() == Role.OWNER);
                known.change(body.email(), body.name().strip(), body.role(), hash);
                return accounts.saveAndFlush(known);
            }
            if (accounts.existsById(id)) {
                throw Problem.notFound();
            }
            if (hash == null) {
                throw Problem.invalid(List.of(new Problem.Field("password", "is needed")));
            }
            Room room = rooms.findById(who.roomId()).orElseThrow();
            return accounts.saveAndFlush(
                    new Account(id, room, body.email(), body.name().strip(), body.role(), hash));
        });
        return view(Objects.requireNonNull(saved), who);
    }

    /** Removes somebody, whose sign-ins end with it. What they recorded stays under their name. */
    @DeleteMapping("/api/accounts/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id, @AuthenticationPrincipal SignedIn who) {
        transactions.executeWithoutResult(
                status -> accounts.findByIdAndRoomId(id, who.roomId()).ifPresent(account -> {
                    requireOwnerLeft(account, false);
                    accounts.delete(account);
                }));
    }

    /** Changes one's own password; every sign-in of before ends, this one too. */
    @PutMapping("/api/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changeOwn(
            @RequestBody NewPassword body,
            @AuthenticationPrincipal SignedIn who,
            jakarta.servlet.http.HttpServletRequest request) {
        Account account =
                accounts.findByIdAndRoomId(who.accountId(), who.roomId()).orElseThrow(Problem::notFound);
        if (!limiter.matches(who.email(), request.getRemoteAddr(), body.present(), account.passwordHash())) {
            throw Problem.invalid(List.of(new Problem.Field("present", "is not your password")));
        }
        passwordRule.require(body.password(), who.email(), List.of(who.name()));
        String hash = limiter.hash(body.password());
        account.change(who.email(), who.name(), who.role(), hash);
        accounts.saveAndFlush(account);
    }

    private void requireFree(String email, UUID id) {
        accounts.findByEmail(Account.normalised(email))
                .filter(a -> !a.id().equals(id))
                .ifPresent(a -> {
                    throw Problem.invalid(List.of(new Problem.Field("email", "is already somebody's sign-in")));
                });
    }

    /** A room without an owner could never get one again. */
    private void requireOwnerLeft(Account account, boolean staysOwner) {
        if (account.role() == Role.OWNER && !staysOwner && accounts.ownersOf(account.roomId()) < 2) {
            throw Problem.refused("The room needs an owner. Make somebody else one first.");
        }
    }

    private static AccountView view(Account account, SignedIn who) {
        return new AccountView(
                account.id(),
                account.name(),
                account.email(),
                account.role(),
                account.id().equals(who.accountId()));
    }
}
