package keenfork.web.persistence.settings;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnWeightRows extends JpaRepository<OwnWeightRow, Long> {
    List<OwnWeightRow> findAllByOrderByFoodAscNounAsc();

    Optional<OwnWeightRow> findByFoodAndNoun(String food, String noun);
}
