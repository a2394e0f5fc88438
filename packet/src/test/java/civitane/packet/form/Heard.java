package civitane.packet.form;

import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDObjectReference;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;

/** What a screen reader says of a document, in its order: what each part is, and what is read of it. */
public final class Heard {
  private Heard() {}

  public static List<String> of(PDDocument document) {
    var heard = new ArrayList<String>();
    hear(document.getDocumentCatalog().getStructureTreeRoot(), heard);
    return heard;
  }

  private static void hear(PDStructureNode node, List<String> heard) {
    for (var kid : node.getKids()) {
      if (kid instanceof PDStructureElement element) {
        if (element.getActualText() != null) {
          heard.add(element.getStructureType() + " " + element.getActualText());
        }
        hear(element, heard);
      } else if (kid instanceof PDObjectReference reference) {
        heard.add("Form "
            + ((COSDictionary) reference.getReferencedObject().getCOSObject())
                .getString(COSName.TU));
      }
    }
  }
}
