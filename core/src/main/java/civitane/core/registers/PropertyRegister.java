package civitane.core.registers;

import java.util.List;
import java.util.Optional;

/** Who owns what, how it is assessed, and what was sold. Throws {@link RegisterSilent} when it does not answer. */
public interface PropertyRegister {

  /** Parcels at an address or in a street, by a part of it or of the number. */
  List<Parcel> find(String addressOrNumber);

  Optional<Parcel> parcel(String number);

  /** The parcels somebody owns, by the resident number. */
  List<Parcel> ownedBy(String residentNumber);

  /** Sales in the same and neighbouring streets of a parcel. */
  List<Sale> salesNear(Parcel parcel);
}
