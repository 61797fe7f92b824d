import ipaddr from 'ipaddr.js'
import { lookup, type LookupAddress } from 'node:dns'
import { Agent } from 'node:https'
import { isIP, type LookupFunction } from 'node:net'

/** A service that would be found where only this network should reach. */
class NotPublic extends Error {
  constructor(name: string) {
    super(`${name} is no address of the public network`)
    this.name = 'NotPublic'
  }
}

const isPublic = (address: string): boolean => ipaddr.process(address).range() === 'unicast'

/** Looks a name up as usual, and does not go where the public network does not lead, whatever the name says. */
const publicLookup: LookupFunction = (hostname, options, done) =>
  lookup(hostname, { ...options, all: true }, (error, all: LookupAddress[]) => {
    const hidden = all?.some(({ address }) => !isPublic(address))
    const [first] = all ?? []
    if (error || hidden || !first) return done(error ?? new NotPublic(hostname), [])
    return options.all ? done(null, all) : done(null, first.address, first.family)
  })

/** Connections to the public network alone: where somebody else says whom this server calls. */
export const publicAgent = (): Agent => new Agent({ lookup: publicLookup })

/** Whether a name could be in the public network: one in figures is looked up by nobody, so it is looked at here. */
export function mayBePublic(hostname: string): boolean {
  const figures = hostname.replace(/^\[|\]$/g, '')
  return isIP(figures) === 0 || isPublic(figures)
}
