package grastel.app.bench;

import static grastel.core.words.Words.say;

import grastel.app.classes.Classes;
import grastel.app.kit.Kit;
import grastel.app.kit.Kit.KitPencil;
import grastel.app.platform.ApiProblem;
import grastel.core.layering.Stack;
import grastel.core.media.Pencil;
import grastel.core.recipe.Method;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The front door of the bench. */
@Service
@Transactional
public class Bench {
    private final SavedStacks saved;
    private final Kit kit;
    private final Classes classes;

    Bench(SavedStacks saved, Kit kit, Classes classes) {
        this.saved = saved;
        this.kit = kit;
        this.classes = classes;
    }

    public record StackName(UUID id, String name) {}

    /** Every kept stack's name. */
    public List<StackName> names() {
        return saved.names();
    }

    /** A kept stack as the computation wants it. */
    public record KeptStack(String name, String note, Stack stack) {}

    public KeptStack stack(UUID id) {
        SavedStack found = find(id);
        return new KeptStack(found.name(), found.note(), laid(found.stack()).stack());
    }

    /** A stack with what is needed to speak of its pencils by id. */
    record BuiltStack(StackData asked, Stack stack, Map<Pencil, UUID> ids) {}

    BuiltStack laid(StackData data) {
        List<KitPencil> all = kit.pencils();
        Map<UUID, Pencil> pencils = all.stream().collect(Collectors.toMap(KitPencil::id, KitPencil::pencil));
        Map<Pencil, UUID> ids =
                all.stream().collect(Collectors.toMap(KitPencil::pencil, KitPencil::id, (one, other) -> one));
        Stack stack = data.toStack(kit.paper(data.paper()), pencils);
        return new BuiltStack(data, stack, ids);
    }

    /** How a class is taught; the usual method for no class. @param schoolClass null for none */
    Method methodOf(@Nullable UUID schoolClass) {
        return schoolClass == null ? Method.USUAL : classes.one(schoolClass).method();
    }

    List<SavedStack> all() {
        return saved.findAllByOrderByName();
    }

    SavedStack find(UUID id) {
        return saved.findById(id).orElseThrow(() -> ApiProblem.notFound(say("thing.stack")));
    }

    SavedStack keep(String name, String note, StackData stack) {
        requireFree(name);
        laid(stack);
        return saved.saveAndFlush(new SavedStack(name, note, stack));
    }

    /** @param version the one the change was made on; another means it was changed elsewhere meanwhile */
    SavedStack change(UUID id, int version, String name, String note, StackData stack) {
        SavedStack found = find(id);
        if (found.version() != version) {
            throw ApiProblem.conflict("CHANGED_ELSEWHERE", say("problem.was-changed-in-another", found.name()));
        }
        if (!found.name().equals(name)) {
            requireFree(name);
        }
        laid(stack);
        found.set(name, note, stack);
        return saved.saveAndFlush(found);
    }

    void remove(UUID id) {
        saved.delete(find(id));
    }

    private void requireFree(String name) {
        if (saved.existsByName(name)) {
            throw ApiProblem.invalid("name", "NAME_TAKEN", say("problem.there-is-a-stack", name));
        }
    }
}
