package dorada.server.problem;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

class ProblemAdviceTest {

    @RestController
    static class Throwing {

        @GetMapping("/held")
        String held(@RequestParam boolean isVersion) {
            throw isVersion
                    ? new ObjectOptimisticLockingFailureException("Installation", 1)
                    : new CannotAcquireLockException("Timeout trying to lock table");
        }
    }

    @Test
    void whoeverComesSecondIsToldSoHoweverTheDatabaseNoticedIt() throws Exception {
        var mvc = MockMvcBuilders.standaloneSetup(new Throwing())
                .setControllerAdvice(new ProblemAdvice(null))
                .build();
        for (String isVersion : new String[] {"true", "false"}) {
            mvc.perform(get("/held").param("isVersion", isVersion)).andExpect(status().isConflict());
        }
    }
}
