import { readFileSync } from 'node:fs'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { disagreements } from '@spudder/core/base/reference'
import { allRates, ironSources, lossTable, otherSources } from '@spudder/core/material/source'
import ReferencePage from './ReferencePage.vue'

async function open(chapter?: string) {
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json([])))
  const page = mount(ReferencePage, {
    props: chapter === undefined ? {} : { chapter },
    global: {
      plugins: [createPinia(), [PiniaColada, {}]],
      stubs: { RouterLink: { template: '<a><slot /></a>' } },
    },
  })
  await flushPromises()
  return page
}

describe('the reference', () => {
  it('says which Spudder it is, as the list of changes has it', async () => {
    const [, version] = /^## (\S+)/m.exec(readFileSync('CHANGELOG.md', 'utf8')) ?? []
    expect((await open()).text()).toContain(`Spudder ${version}.`)
  })

  it('begins with the sources, each with where its figures are from', async () => {
    const rows = (await open()).findAll('tbody tr')
    expect(rows.length).toBe(ironSources.length + otherSources.length)
    expect(rows[0]?.text()).toMatch(/Ferrous sulfate, spray grade19-20\.1 %.*\(derived\)/)
    for (const row of rows) expect(row.find('cite').text().length).toBeGreaterThan(8)
  })

  it('prints every constant of a ligand with how sure it is', async () => {
    const page = await open('constants')
    expect(page.text()).toContain('Fe + L = FeL25.1± 0.1')
    await page.find('input[value=dtpa]').setValue(true)
    expect(page.text()).toContain('Fe + L = FeL28± 0.3')
    expect(page.text()).toContain('iron hydroxide of soil: Fe(OH)3 + 3 H = Fe + 3 H2O2.7')
  })

  it('lays open what an acid plan calculates by: acid, limits, buffering and rates, each with its source', async () => {
    const page = await open('acid')
    const text = page.text().replace(/\s+/g, ' ')
    expect(text).toMatch(/Ammonium sulfate ?\d+\.\d+.*Pierre 1933/)
    expect(text).toMatch(/Bowling or putting green ?sulfur ?2\.44 ?9\.76 ?42/)
    expect(text).toMatch(/Janzen and Bettany 1987.*\(from memory of a published source\)/)
    expect(text).toMatch(/fitted to every other row of two published sulfur tables/)
    for (const cell of page.findAll('td.from')) expect(cell.text().length).toBeGreaterThan(8)
  })

  it('says where calculation and trade differ, and why', async () => {
    const text = (await open('ceilings')).text()
    expect(text).toMatch(/HEDTA.*differ: the calculation is\s+lower/)
    expect(text).toMatch(/Citrate.*never in soil.*microbes/)
    expect(text).toContain('No constant is tuned')
  })

  it('lists losses and schools whole', async () => {
    const lasting = await open('losses')
    expect(lasting.find('tbody').findAll('tr')).toHaveLength(lossTable.length)
    const schools = await open('schools')
    expect(schools.find('tbody').findAll('tr')).toHaveLength(disagreements.length)
    expect(schools.text()).toContain('published critical level')
  })

  it('opens at the sources under an unknown name', async () => {
    expect((await open('recipes')).find('h2').text()).toBe('Forms of iron')
  })

  it('prints every rate with its water, interval and source', async () => {
    const page = await open('rates')
    const rows = page.findAll('tbody tr')
    expect(rows).toHaveLength(allRates.length)
    for (const row of rows) expect(row.find('cite').text().length).toBeGreaterThan(5)
    expect(page.text()).toMatch(/5 oz per 100 gal of drench.*4-5 oz\/100 gal, usual 5 oz\/100 gal/)
    expect(page.text()).toMatch(/1-2 cups per shrub.*60-90 days, at most 2 times/)
  })

  it('prints what goes into a tank, what leaves bear and the most in a season', async () => {
    const page = await open('tank')
    const partner = page
      .findAll('tbody tr')
      .find((row) => row.text().startsWith('copper fungicide'))
    expect(partner?.text()).toMatch(/nevernever.*chelates swap iron for copper/)
    expect(page.text()).toMatch(/Over\s*84 °F spray in the cool hours only/)
    expect(page.text()).toMatch(/Fe-EDDHA60data sheets of chelate makers/)
    expect(page.text()).toMatch(/TurfFe25/)
  })
})
