import type { ComponentType } from "react";
import { ArrearsByMonth } from "./ArrearsByMonth";
import { Debts } from "./Debts";
import { Emergencies } from "./Emergencies";
import { Fetching } from "./Fetching";
import { HomelessStrip } from "./HomelessStrip";
import { Instalments } from "./Instalments";
import { LeaveEmployers } from "./LeaveEmployers";
import { LeaveStrip } from "./LeaveStrip";
import { ListChoice } from "./ListChoice";
import { MissedMonths } from "./MissedMonths";
import type { QuestionProps } from "./matter";
import { NearbySales } from "./NearbySales";
import { ParcelChoice } from "./ParcelChoice";

/** The few questions that earn a part of their own; all others are drawn by their kind. */
const EARNED: Record<string, ComponentType<QuestionProps>> = {
  "rentRelief arrears": ArrearsByMonth,
  "homePaymentRelief missedMonths": MissedMonths,
  "legalAdvice urgent": Emergencies,
  "clearRecord collector": Fetching,
  "paidLeave absentFrom": LeaveStrip,
  "paidLeave employers": LeaveEmployers,
  "housingList lists": ListChoice,
  "housingList homelessTimes": HomelessStrip,
  "valueReview parcel": ParcelChoice,
  "valueReview sales": NearbySales,
  "paymentArrangement debts": Debts,
  "paymentArrangement firstDueOn": Instalments,
};

export function earned(service: string, path: string): ComponentType<QuestionProps> | undefined {
  return EARNED[`${service} ${path}`];
}
