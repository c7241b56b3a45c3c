import { itemKey, type Grade, type PracticeItem } from '@drop-close/core';
import { create } from 'zustand';

/** What the last judged pass of an item stands for, until it is noted; by the items' names. */
const useMeasured = create<Readonly<Record<string, Grade | undefined>>>(() => ({}));

export const useMeasuredGrade = (item: PracticeItem | undefined): Grade | undefined =>
  useMeasured((grades) => (item ? grades[itemKey(item)] : undefined));

export const setMeasured = (item: PracticeItem, grade: Grade | undefined): void => {
  useMeasured.setState({ [itemKey(item)]: grade });
};
