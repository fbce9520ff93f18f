/** A picture of the teacher's own in a record. */
export const picturesEn = {
  add: 'Add a picture',
  another: 'Another picture',
  remove: 'Remove the picture',
  shows: 'What the picture shows',
  bad: (file: string) =>
    `${file} could not be read as a picture. Nothing was changed; try a PNG or JPEG.`,
};
