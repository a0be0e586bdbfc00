package app.diaphan.core.house;

/** What a house has a picture of, which packages show. */
public sealed interface Pictured extends Known permits HouseMark, HouseTexture {
  HousePicture picture();
}
