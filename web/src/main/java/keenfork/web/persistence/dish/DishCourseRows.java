package keenfork.web.persistence.dish;

import org.springframework.data.jpa.repository.JpaRepository;

interface DishCourseRows extends JpaRepository<DishCourseRow, Long> {}
