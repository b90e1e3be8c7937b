package keenfork.web.persistence;

import org.springframework.data.jpa.repository.JpaRepository;

interface LabelPrinterRows extends JpaRepository<LabelPrinterRow, Short> {}
