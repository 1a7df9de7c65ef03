package mensch.app.programme;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import mensch.app.bounds.Bounds;
import mensch.app.problem.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.InternalAuthenticationServiceException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    record SignIn(
            @NotBlank @Size(max = Bounds.NAME) String username,
            @NotBlank @Size(max = Bounds.NAME) String password) {}

    /**
     * Who is signed in.
     *
     * @param mayWrite whether he changes the playbook and what is in force: a coordinator
     * @param mayGrade whether he works on film and grades: a coordinator or a coach
     */
    record Me(String username, String displayName, boolean mayWrite, boolean mayGrade) {}

    private final AuthenticationManager authentication;
    private final SecurityContextRepository contexts;
    private final MemberRepository members;

    SessionController(
            AuthenticationManager authentication, SecurityContextRepository contexts, MemberRepository members) {
        this.authentication = authentication;
        this.contexts = contexts;
        this.members = members;
    }

    /** Who is signed in; no content when nobody is. */
    @GetMapping
    ResponseEntity<Me> current(Principal principal) {
        return principal == null ? ResponseEntity.noContent().build() : ResponseEntity.ok(me(principal));
    }

    private Me me(Principal principal) {
        Member member = members.findByUsername(principal.getName()).orElseThrow(() -> Problem.notFound("this member"));
        Member.Role role = member.role();
        return new Me(member.username(), member.displayName(), role == Member.Role.COORDINATOR, role.coaches());
    }

    /** Signs in; the answer is who is signed in. */
    @PostMapping
    Me signIn(@Valid @RequestBody SignIn signIn, HttpServletRequest request, HttpServletResponse response) {
        Authentication proven;
        try {
            proven = authentication.authenticate(
                    UsernamePasswordAuthenticationToken.unauthenticated(signIn.username(), signIn.password()));
        } catch (InternalAuthenticationServiceException e) {
            throw e.getCause() instanceof RuntimeException fault ? fault : e;
        } catch (AuthenticationException e) {
            throw new Problem(HttpStatus.UNAUTHORIZED, "sign-in-refused", "name and password do not go together");
        }
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(proven);
        contexts.saveContext(context, request, response);
        return me(proven);
    }

    /** Ends the session. */
    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }
}
