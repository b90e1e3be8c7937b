package keenfork.web.persistence;

import org.springframework.data.jpa.repository.JpaRepository;

interface SwapOffRows extends JpaRepository<SwapOffRow, String> {}
