import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "@tanstack/react-router";
import { useEffect, useState } from "react";
import { useTranslation } from "react-i18next";
import { api, done } from "../api/client";
import { PaperDrop } from "../papers/PaperDrop";
import { sendEnvelopes } from "../papers/sending";

const LOOK_AGAIN = 2_000;

/** Envelopes that came back, scanned together: each letter is known by its code, and the rest lies in the post tray. */
export function EnvelopesBack() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [scan, setScan] = useState("");
  const tray = useQuery({
    queryKey: ["tray"],
    queryFn: () => done(api.GET("/api/tray")),
    enabled: scan !== "",
    refetchInterval: (query) =>
      query.state.data?.some((one) => one.id === scan && !one.sorted) ? LOOK_AGAIN : false,
  });
  const piece = tray.data?.find((one) => one.id === scan);
  const isOver = scan !== "" && !tray.isFetching && tray.isSuccess && (!piece || piece.sorted);
  useEffect(() => {
    if (isOver) queries.invalidateQueries({ queryKey: ["post"] });
  }, [isOver, queries]);
  const taken = (id: string) => {
    setScan(id);
    queries.invalidateQueries({ queryKey: ["tray"] });
  };
  return (
    <div className="max-w-[30rem] my-3">
      <p className="small soft mb-1">{t("post.scan")}</p>
      <PaperDrop send={sendEnvelopes} onTaken={taken} />
      <p role="status" className="mt-1">
        {scan && !isOver && t("post.scanned")}
        {isOver && !piece && t("post.scanKnown")}
        {isOver && piece && (
          <>
            {t("post.scanUnknown", { count: piece.pages })}{" "}
            <Link to="/tray" className="plain-link">
              {t("tray.title")}
            </Link>
          </>
        )}
      </p>
    </div>
  );
}
