package mensch.app.playbook;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.security.Principal;
import java.util.List;
import mensch.app.problem.Created;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Muted findings over HTTP. */
@RestController
@RequestMapping("/api/mutes")
class MuteController {
    private final Mutes mutes;

    MuteController(Mutes mutes) {
        this.mutes = mutes;
    }

    /** Findings of a call that are lived with. */
    @GetMapping
    List<Mutes.Muted> of(@RequestParam String call, Principal by) {
        return mutes.of(call, by.getName());
    }

    /** Keeps that a finding of a call is lived with. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Mutes.Muted mute(@Valid @RequestBody Mutes.Mute mute, Principal by, HttpServletResponse response) {
        Mutes.Muted kept = mutes.mute(mute, by.getName());
        Created.at(response, "/api/mutes", kept.id());
        return kept;
    }

    /** Takes a mute back. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unmute(@PathVariable long id, Principal by) {
        mutes.unmute(id, by.getName());
    }
}
