package app.diaphan.server.cue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.CueList;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.StaleSave;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the cue lists of packages. */
@Service
public class CueListStore {
  private static final int MOST = 200;

  private final PackageStore packages;
  private final CueLists lists;

  CueListStore(PackageStore packages, CueLists lists) {
    this.packages = packages;
    this.lists = lists;
  }

  public List<CueListEntity> of(Long packageId) {
    packages.get(packageId);
    return lists.findByPackageIdOrderById(packageId);
  }

  public CueListEntity get(Long id) {
    return lists.findById(id).orElseThrow(() -> new Missing("cue list", id));
  }

  @Transactional
  public CueListEntity add(Long packageId, CueList list) {
    if (of(packageId).size() >= MOST) {
      throw new InvalidInput(Sentence.of("A package has at most %d cue lists.", MOST));
    }
    return lists.saveAndFlush(new CueListEntity(packageId, list));
  }

  /**
   * @param basedOn the revision that the list was made from
   * @throws StaleSave if another save came first
   */
  @Transactional
  public CueListEntity keep(Long id, int basedOn, CueList list) {
    CueListEntity entity = get(id);
    if (entity.revision() != basedOn) {
      throw new StaleSave(list.name(), entity.revision());
    }
    entity.keep(list);
    return lists.saveAndFlush(entity);
  }

  @Transactional
  public void delete(Long id) {
    lists.delete(get(id));
  }
}
