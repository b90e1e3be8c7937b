package keenfork.web.persistence;

import org.springframework.data.jpa.repository.JpaRepository;

interface PrepCleanRows extends JpaRepository<PrepCleanRow, Long> {}
