package app.diaphan.server.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** Keeps the bytes of a picture for a house that has it, or had it before a change. */
@Entity
@Table(name = "house_picture")
public class HousePictureEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long houseId;
  private String sha256;

  protected HousePictureEntity() {}

  public HousePictureEntity(Long houseId, String sha256) {
    this.houseId = houseId;
    this.sha256 = sha256;
  }

  public String sha256() {
    return sha256;
  }
}
