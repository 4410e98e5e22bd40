import { describe, expect, it } from 'vitest'
import { scriptOf } from '../../../tests/support/script'
import { partsHere } from '../../record/care-parts'
import type { WorkId } from '../../record/tidies'
import type { WorkAsked } from './step'
import { ledSteps, workSteps } from './works'

const TAUGHT: WorkAsked = {
  setting: 'taught',
  taught: ['rear-blade', 'corner-blade'],
  sex: 'female',
  face: 'three-cuts',
  ears: 'hanging',
  earHair: 'shorten',
  earCare: 'leave-alone',
  sanitary: 'wider',
  bearded: true,
  floor: false,
}
/** All of a work, the groomer's steps with it; and what an owner is led through. */
const all = (work: WorkId, more: Partial<WorkAsked> = {}) => workSteps(work, { ...TAUGHT, ...more })
const led = (work: WorkId, more: Partial<WorkAsked> = {}, parts = partsHere(work, [])) =>
  ledSteps(work, all(work, more), parts)

/** Order, tools, cautions and what may be met, step by step: common practice, no source. */
describe('tidies and looks, step for step', () => {
  it('the face, as taught', () => {
    expect(scriptOf(led('face'))).toEqual([
      'wipe ! crust ? clean crust/here/crust caked/leave/caked red/vet/eyes/red',
      'comb',
      'finger ? bears pulls-away/leave/pulls-away',
      'inner with blunt-scissors thinning-scissors corner-blade ! eye finger moves head mouth ~ eyes mouth throat',
      'outer with blunt-scissors thinning-scissors ! eye finger moves head ~ eyes throat',
      'fringe with thinning-scissors blunt-scissors ! eye finger moves head mouth ~ eyes mouth throat',
      'beard-comb ? glides catches/knot sore/vet/beard/red',
      'beard with blunt-scissors thinning-scissors ! finger moves head mouth ~ mouth throat',
      'lips with blunt-scissors ! mouth finger moves head ~ mouth ? clear fold/vet/mouth/red',
      'moustache with blunt-scissors ! mouth finger moves head ~ mouth',
      'nose with blunt-scissors thinning-scissors ! eye finger moves head ~ eyes',
      'cheeks with blunt-scissors thinning-scissors ! finger moves head ~ throat',
      'width',
      'done',
    ])
  })
  it('the face, corners alone with scissors, of a dog without a beard', () => {
    expect(scriptOf(led('face', { face: 'corners', setting: 'scissors', bearded: false }))).toEqual([
      'wipe ! crust ? clean crust/here/crust caked/leave/caked red/vet/eyes/red',
      'comb',
      'finger ? bears pulls-away/leave/pulls-away',
      'inner with blunt-scissors thinning-scissors ! eye finger moves head mouth ~ eyes mouth throat',
      'outer with blunt-scissors thinning-scissors ! eye finger moves head ~ eyes throat',
      'done',
    ])
  })
  it('a forefoot, where the other three are done', () => {
    expect(scriptOf(led('paws', {}, ['paw.forefoot.left']))).toEqual([
      'nails ! quick',
      'feel* paw.forefoot.left ! leg stop ? nothing mat/knot seed/here/seed sore/vet/forefoot/toes',
      'pads* paw.forefoot.left with blunt-scissors flat-trimmer ! pads webs finger moves leg ~ pads toe-webs ? level stops/knot',
      'outline* paw.forefoot.left with blunt-scissors ! webs pads finger moves ~ toe-webs pads',
      'top* paw.forefoot.left with blunt-scissors ! webs pads finger moves ~ toe-webs pads',
      'done* paw.forefoot.left',
    ])
  })
  it('the rear of a bitch, as taught', () => {
    expect(scriptOf(led('sanitary'))).toEqual([
      'wipe ! opening stop ? clean soiled/wash/soiled red/vet/under-tail/red',
      'hold ! leg',
      'lie ? usual other-lie/here/other-lie',
      'belly with guarded-clipper bare-clipper ! rear cover folds lie heat ~ vulva nipples hernia flank-fold ? passed wont-pass/leave/wont-pass stops/knot',
      'thighs with guarded-clipper bare-clipper ! leg cover folds lie rear ~ vulva flank-fold ? passed wont-pass/leave/wont-pass stops/knot',
      'privates ! rear cover ~ vulva ? well in-season/leave/in-season sore/vet/under-tail/red',
      'under-tail with guarded-clipper bare-clipper ! rear opening lie ~ anus vulva ? passed wont-pass/leave/wont-pass stops/knot',
      'wider ! leg',
      'done ! stop',
    ])
  })
  it('the rear of a spayed one in the plain school, with a guard alone', () => {
    expect(scriptOf(led('sanitary', { neutered: true, setting: 'scissors', sanitary: 'privates' }))).toEqual([
      'wipe ! opening stop ? clean soiled/wash/soiled red/vet/under-tail/red',
      'hold ! leg',
      'lie ? usual other-lie/here/other-lie',
      'belly with guarded-clipper ! rear cover folds lie heat ~ vulva nipples hernia flank-fold ? passed wont-pass/leave/wont-pass stops/knot',
      'thighs with guarded-clipper ! leg cover folds lie rear ~ vulva flank-fold ? passed wont-pass/leave/wont-pass stops/knot',
      'privates ! rear cover ~ vulva ? well sore/vet/under-tail/red',
      'under-tail with guarded-clipper ! rear opening lie ~ anus vulva ? passed wont-pass/leave/wont-pass stops/knot',
      'done ! stop',
    ])
  })
  it('the rear of a dog, where the skin under the tail waits for a vet', () => {
    expect(
      scriptOf(
        all('sanitary', { sex: 'male', setting: 'scissors', sanitary: 'privates', stopped: ['under-tail'] }),
      ),
    ).toEqual([
      'wipe (waits) ! opening stop ? clean soiled/wash/soiled red/vet/under-tail/red',
      'hold ! leg',
      'lie ? usual other-lie/here/other-lie',
      'belly with guarded-clipper ! rear cover folds lie heat testicles ~ sheath testicles nipples hernia flank-fold ? passed wont-pass/leave/wont-pass stops/knot',
      'thighs with guarded-clipper ! leg cover folds lie testicles ~ testicles flank-fold ? passed wont-pass/leave/wont-pass stops/knot',
      'privates ! cover testicles ~ sheath testicles ? well knotted/leave/wont-pass sore/vet/inner-thigh/discharge',
      'under-tail (waits) with guarded-clipper ! rear opening lie testicles ~ anus testicles ? passed wont-pass/leave/wont-pass stops/knot',
      'done ! stop',
    ])
  })
  it('the ears, hanging: a band on and off, one ear and then the other', () => {
    expect(scriptOf(led('ears'))).toEqual([
      'comb* ear-edge.left ! leather ? glides catches/knot sore/vet/ear/red',
      'edge* ear-edge.left (band on) with thinning-scissors blunt-scissors ! band leather finger moves head ~ ear-edge ear-fold',
      'band-off* ear-edge.left (band off) ! band',
      'base* ear-edge.left with thinning-scissors ! leather finger moves head ~ ear-fold',
      'inside* ear-edge.left with blunt-scissors ! canal finger moves leather ~ ear-canal ear-edge ear-fold',
      'comb* ear-edge.right ! leather ? glides catches/knot sore/vet/ear/red',
      'edge* ear-edge.right (band on) with thinning-scissors blunt-scissors ! band leather finger moves head ~ ear-edge ear-fold',
      'band-off* ear-edge.right (band off) ! band',
      'base* ear-edge.right with thinning-scissors ! leather finger moves head ~ ear-fold',
      'inside* ear-edge.right with blunt-scissors ! canal finger moves leather ~ ear-canal ear-edge ear-fold',
      'lifted',
      'done ? even strays/here',
    ])
  })
  it('pricked ears where plucking is asked for: no band, no blade inside', () => {
    expect(scriptOf(all('ears', { setting: 'scissors', ears: 'pricked', earHair: 'pluck' }))).toEqual([
      'comb* ! leather ? glides catches/knot sore/vet/ear/red',
      'edge* with thinning-scissors blunt-scissors ! leather finger moves head ~ ear-edge ear-fold',
      'base* with thinning-scissors ! leather finger moves head ~ ear-fold',
      'inside* ! canal',
      'lifted',
      'done ? even strays/here',
    ])
  })
  it('ears with cloth and comb: the edge is the groomer’s, and no band goes on', () => {
    expect(scriptOf(all('ears', { setting: 'comb', earHair: 'leave' }))).toEqual([
      'place ! alone tether',
      'comb* ! leather ? glides catches/knot sore/vet/ear/red',
      'edge* (groomer) (band on) ! band leather finger moves head ~ ear-edge ear-fold',
      'base* (groomer) ! leather finger moves head ~ ear-fold',
      'inside* ! canal',
      'done ? even strays/here',
    ])
  })
  it('a neatening', () => {
    expect(scriptOf(led('neatening'))).toEqual([
      'unsure',
      'hock ! tendon ~ hock-tendon',
      'tail with thinning-scissors blunt-scissors ! tail-bone finger moves ~ tail-bone',
      'done',
    ])
  })
  it('a forefoot’s nails', () => {
    expect(scriptOf(led('nails', {}, ['nails.forefoot.left']))).toEqual([
      'hold* nails.forefoot.left ! leg ? fine/done/fine long split/vet/nails/pain grown-in/vet/pads/pain',
      'sliver* nails.forefoot.left with nail-clipper nail-grinder ! quick foot ~ quick ? short/done/trimmed dot/done/sliver bled/aside/press',
      'press* nails.forefoot.left (aside) ! stop ? stopped/done/bled goes-on/vet/bled/nails/blood',
    ])
  })
  it('nails where nothing is cut at home', () => {
    expect(scriptOf(all('nails', { setting: 'comb' }))).toEqual([
      'hold* ! leg ? fine/done/fine long/leave split/vet/nails/pain grown-in/vet/pads/pain',
      'sliver* (groomer) ! quick foot ~ quick ? short/done/trimmed dot/done/sliver bled/aside/press',
      'press* (aside) ! stop ? stopped/done/bled goes-on/vet/bled/nails/blood',
    ])
  })
  it('an eye', () => {
    expect(scriptOf(led('eyes', {}, ['eye.left']))).toEqual([
      'look* eye.left ! stop ? clear/done/clear damp red/vet/red/eyes/red',
      'wipe* eye.left ! dog-only crust ? wiped/done/wiped soaked/done/crust caked/leave/caked bare/vet/red/eyes/red',
    ])
  })
  it('an ear, looked at', () => {
    expect(scriptOf(led('ear-look', {}, ['ear-opening.left']))).toEqual([
      'look* ear-opening.left ! canal stop ? pale/done/well dirt wax/vet/wax/ear-openings/wax smell/vet/smell/ear-openings/smell sore/vet/sore/ear-openings/red',
      'wipe* ear-opening.left ! canal dog-only ? wiped/done/wiped hurts/vet/sore/ear-openings/pain',
    ])
  })
  it('an ear, wiped each time', () => {
    expect(scriptOf(led('ear-look', { earCare: 'wipe' }, ['ear-opening.left']))).toEqual([
      'look* ear-opening.left ! canal stop ? pale wax/vet/wax/ear-openings/wax smell/vet/smell/ear-openings/smell sore/vet/sore/ear-openings/red',
      'wipe* ear-opening.left ! canal dog-only ? wiped/done/wiped hurts/vet/sore/ear-openings/pain',
    ])
  })
  it('teeth', () => {
    expect(scriptOf(led('teeth'))).toEqual([
      'taste ! dog-only',
      'lift ! stop ? well amiss/vet/mouth/lump',
      'side ! dog-only ? brushed/done/done little/done/little bleeding/vet/bleeding/mouth/blood',
    ])
  })
})
