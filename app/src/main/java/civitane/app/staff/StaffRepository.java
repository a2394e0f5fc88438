package civitane.app.staff;

import org.springframework.data.jpa.repository.JpaRepository;

interface StaffRepository extends JpaRepository<StaffMember, String> {}
