package keenfork.web.persistence.settings;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

@Entity
@Table(name = "swap_liked")
final class SwapLikedRow extends SwapSaidRow {}
