package nimblefurrow.server.seed;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.server.chain.CoverDetails.MemberDetails;
import nimblefurrow.server.chain.StoredMember;
import nimblefurrow.server.platform.NotOnThisFarm;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mixes that the farm has given a name. */
@Service
class Mixes {
  record MixView(UUID id, String name, List<MemberDetails> members) {}

  private final NamedMixes mixes;

  Mixes(NamedMixes mixes) {
    this.mixes = mixes;
  }

  @Transactional(readOnly = true)
  List<MixView> all(UUID farmId) {
    return mixes.findByFarmIdOrderByName(farmId).stream().map(Mixes::view).toList();
  }

  /** Keeps a mix under a name; one of that name is replaced. */
  @Transactional
  MixView keep(UUID farmId, String name, List<MemberDetails> members) {
    new Mix(
        members.stream()
            .map(m -> new Mix.Member(Catalogue.shipped().species(m.species()), m.share()))
            .toList());
    NamedMix mix =
        mixes
            .findByFarmIdAndNameIgnoreCase(farmId, name.strip())
            .orElseGet(() -> new NamedMix(farmId));
    mix.name = name.strip();
    mix.members = members.stream().map(StoredMember::of).toList();
    return view(mixes.save(mix));
  }

  @Transactional
  void remove(UUID farmId, UUID id) {
    mixes.delete(mixes.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("mix")));
  }

  private static MixView view(NamedMix m) {
    return new MixView(m.id, m.name, m.members.stream().map(StoredMember::details).toList());
  }
}
