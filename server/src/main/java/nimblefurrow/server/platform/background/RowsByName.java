package nimblefurrow.server.platform.background;

import jakarta.persistence.EntityManager;
import java.util.Optional;
import org.hibernate.Session;
import org.hibernate.Transaction;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.data.jpa.repository.support.JpaEntityInformation;
import org.springframework.data.jpa.repository.support.SimpleJpaRepository;

/**
 * Rows looked up by their id, where "there is none" is only said by a database that answered.
 * Hibernate tells a look-up whose connection dies as "none" once its transaction can only be
 * undone: without this a farm would be told that it does not exist.
 */
public class RowsByName<T, I> extends SimpleJpaRepository<T, I> {
  private final EntityManager rows;

  public RowsByName(JpaEntityInformation<T, ?> kind, EntityManager rows) {
    super(kind, rows);
    this.rows = rows;
  }

  /**
   * @throws DataAccessResourceFailureException when the transaction was broken off and nobody knows
   *     whether there is such a row
   */
  @Override
  public Optional<T> findById(I id) {
    Optional<T> found = super.findById(id);
    if (found.isEmpty() && brokenOff()) {
      throw new DataAccessResourceFailureException("the look-up was broken off");
    }
    return found;
  }

  private boolean brokenOff() {
    Transaction now = rows.unwrap(Session.class).getTransaction();
    return now.isActive() && now.getRollbackOnly();
  }
}
