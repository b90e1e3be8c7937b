package keenfork.web.persistence.settings;

import org.springframework.data.jpa.repository.JpaRepository;

interface SwapLikedRows extends JpaRepository<SwapLikedRow, String> {}
