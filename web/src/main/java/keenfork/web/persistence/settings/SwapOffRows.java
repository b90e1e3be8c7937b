package keenfork.web.persistence.settings;

import org.springframework.data.jpa.repository.JpaRepository;

interface SwapOffRows extends JpaRepository<SwapOffRow, String> {}
