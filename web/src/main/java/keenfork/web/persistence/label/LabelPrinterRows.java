package keenfork.web.persistence.label;

import org.springframework.data.jpa.repository.JpaRepository;

interface LabelPrinterRows extends JpaRepository<LabelPrinterRow, Short> {}
