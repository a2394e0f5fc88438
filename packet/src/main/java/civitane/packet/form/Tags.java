package civitane.packet.form;

import java.io.IOException;
import java.util.Map;
import java.util.TreeMap;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDObjectReference;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationWidget;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** What a screen reader goes by on the pages: headings, paragraphs, and each field after what is asked. */
final class Tags {
  static final String TITLE = "H1";
  static final String HEADING = "H2";
  static final String TEXT = "P";
  private static final String SECTION = "Sect";
  private static final String FIELD = "Form";

  private final PDStructureTreeRoot root = new PDStructureTreeRoot();
  private final PDStructureElement whole;
  private final Map<Integer, PDParentTreeValue> parents = new TreeMap<>();
  private PDStructureElement part;
  private PDPage page;
  private COSArray marked = new COSArray();

  Tags(PDDocument document, String title) {
    var catalog = document.getDocumentCatalog();
    catalog.setStructureTreeRoot(root);
    var marks = new PDMarkInfo();
    marks.setMarked(true);
    catalog.setMarkInfo(marks);
    var shown = new PDViewerPreferences(new COSDictionary());
    shown.setDisplayDocTitle(true);
    catalog.setViewerPreferences(shown);
    document.getDocumentInformation().setTitle(title);
    whole = element("Document", root);
    part = whole;
    page = new PDPage();
  }

  private static PDStructureElement element(String type, PDStructureNode under) {
    var element = new PDStructureElement(type, under);
    under.appendKid(element);
    return element;
  }

  /** From here on, what is told stands on this page. */
  void turnTo(PDPage fresh) {
    page = fresh;
    marked = new COSArray();
    page.setStructParents(parents.size());
    page.getCOSObject().setName(COSName.getPDFName("Tabs"), "S");
    parents.put(parents.size(), new PDParentTreeValue(marked));
  }

  /** From here on, what is told belongs together under a heading. */
  void beginPart() {
    part = element(SECTION, whole);
  }

  /** What is drawn until the content is ended, as what it is read; the letters of some scripts are drawn in another order. */
  void begin(PDPageContentStream content, String type, String read) throws IOException {
    var element = element(type, part);
    element.setPage(page);
    element.setActualText(read);
    var properties = new COSDictionary();
    properties.setInt(COSName.MCID, marked.size());
    element.getCOSObject().setItem(COSName.K, org.apache.pdfbox.cos.COSInteger.get(marked.size()));
    marked.add(element);
    content.beginMarkedContent(COSName.getPDFName(type), PDPropertyList.create(properties));
  }

  /** A field, in the order it is asked. */
  void field(PDAnnotationWidget widget) {
    var element = element(FIELD, part);
    element.setPage(page);
    var reference = new PDObjectReference();
    reference.setReferencedObject(widget);
    reference.getCOSObject().setItem(COSName.PG, page);
    element.appendKid(reference);
    widget.setStructParent(parents.size());
    parents.put(parents.size(), new PDParentTreeValue(element.getCOSObject()));
  }

  /** All that was told is written down, and where each of it is found from the page. */
  void end() {
    var tree = new PDNumberTreeNode(PDParentTreeValue.class);
    tree.setNumbers(Map.copyOf(parents));
    root.setParentTree(tree);
    root.setParentTreeNextKey(parents.size());
  }
}
