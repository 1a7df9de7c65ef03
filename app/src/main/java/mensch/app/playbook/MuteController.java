package mensch.app.playbook;

import jakarta.validation.Valid;
import java.security.Principal;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Muted findings over HTTP. */
@RestController
@RequestMapping("/api/mutes")
class MuteController {
    private final Mutes mutes;

    MuteController(Mutes mutes) {
        this.mutes = mutes;
    }

    @GetMapping
    List<Mutes.Muted> of(@RequestParam String call, Principal by) {
        return mutes.of(call, by.getName());
    }

    @PostMapping
    Mutes.Muted mute(@Valid @RequestBody Mutes.Mute mute, Principal by) {
        return mutes.mute(mute, by.getName());
    }

    @DeleteMapping("/{id}")
    void unmute(@PathVariable long id, Principal by) {
        mutes.unmute(id, by.getName());
    }
}
