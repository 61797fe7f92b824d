<script setup lang="ts">
import { said } from '../../shared/units/said.ts'
import { typedNumber } from '@spudder/core/base/writing'
import { disagreements, sourceWords } from '@spudder/core/base/reference'
import { ironSchools } from '@spudder/core/seen/reading'
import DataTable from '../../ui/DataTable.vue'
import type { Column } from '../../ui/table-columns.ts'

const questionColumns: readonly Column<(typeof disagreements)[number]>[] = [
  { key: 'question', title: 'Question', isHead: true, text: (each) => each.question },
  { key: 'schools', title: 'Schools', text: (each) => said(each.schools.join(' · ')) },
  { key: 'start', title: 'Spudder starts with', text: (each) => said(each.startsWith) },
  { key: 'where', title: 'Where', text: (each) => each.where },
]
const schools = Object.values(ironSchools)
const schoolColumns: readonly Column<(typeof schools)[number]>[] = [
  { key: 'school', title: 'School', isHead: true, text: (each) => each.name },
  {
    key: 'low',
    title: 'low below, mg/kg',
    isFigure: true,
    text: (each) => typedNumber(each.lowBelow),
    sortBy: (each) => each.lowBelow,
  },
  {
    key: 'enough',
    title: 'enough from, mg/kg',
    isFigure: true,
    text: (each) =>
      `${typedNumber(each.enoughFrom)}${each.aboveManganese ? ' and above manganese' : ''}`,
    sortBy: (each) => each.enoughFrom,
  },
  { key: 'from', title: 'From', isCited: true, text: sourceWords },
]
</script>

<template>
  <h2>Where practitioners differ</h2>
  <p>None of these is settled. Spudder says what it starts with, and shows the others beside it.</p>
  <DataTable
    label="Questions"
    :columns="questionColumns"
    :rows="disagreements"
    :row-key="(each) => each.question"
  />
  <h2>Soil iron by DTPA</h2>
  <DataTable
    label="Schools of DTPA iron"
    :columns="schoolColumns"
    :rows="schools"
    :row-key="(each) => each.name"
  />
</template>
