package keenfork.web.persistence.pack;

import org.springframework.data.jpa.repository.JpaRepository;

interface ProvisionRows extends JpaRepository<ProvisionRow, String> {}
