import sharp from 'sharp'

/** A picture of so many pixels, with a place and a maker noted in it as a camera does. */
export const aPicture = (width = 64, height = 48): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background: '#a06040' }, limitInputPixels: false })
    .withExif({ IFD0: { Make: 'Invented camera' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
    .jpeg({ quality: 60 })
    .toBuffer()
