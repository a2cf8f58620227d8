package kinesia.plan;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Stored appointments. */
interface Appointments extends JpaRepository<Appointment, UUID> {
    /** What is booked on {@code from} and later, soonest first. */
    @Query("""
            select a from Appointment a
            where a.clientId in :clientIds and a.visitOn >= :from and not a.cancelled order by a.visitOn""")
    List<Appointment> findBooked(Collection<UUID> clientIds, LocalDate from);

    @Query("select a from Appointment a where a.clientId = :clientId and a.visitOn = :on and not a.cancelled")
    Optional<Appointment> findOn(UUID clientId, LocalDate on);
}
