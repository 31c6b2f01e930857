package grastel.app.returns.intake;

import grastel.app.platform.ApiProblem;
import grastel.app.platform.requests.KnownSenders;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** A phone whose link is open may send files; one whose link is over is told so before its files are awaited. */
@Component
class PhoneSender implements KnownSenders {
    private static final String BELOW = "/api/phone/";

    private final Phone phone;

    PhoneSender(Phone phone) {
        this.phone = phone;
    }

    @Override
    public boolean knows(HttpServletRequest request) {
        String path = request.getServletPath();
        if (!path.startsWith(BELOW)) {
            return false;
        }
        try {
            phone.enter(path.substring(BELOW.length()));
            return true;
        } catch (DataAccessException | TransactionException e) {
            throw ApiProblem.databaseAway();
        }
    }
}
