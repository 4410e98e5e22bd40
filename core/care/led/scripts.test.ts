import { describe, expect, it } from 'vitest'
import { scriptOf } from '../../../tests/support/script'
import { partsHere } from '../../record/care-parts'
import type { WorkId } from '../../record/tidies'
import { PART_WASHES } from '../bath/part-wash'
import { bathSteps } from './bath'
import type { BathAsked } from './bath'
import { clipSteps } from './clip'
import type { WorkAsked } from './step'
import { undercoatSteps } from './undercoat'
import { ledSteps, workSteps } from './works'

const bath = (more: Partial<BathAsked> = {}) =>
  bathSteps({
    coat: 'wool',
    mixes: { shampooMl: 120, conditionerMl: 60 },
    dryer: 'household',
    washed: null,
    putOff: [],
    absent: [],
    sex: 'male',
    ...more,
  })
const part = (id: (typeof PART_WASHES)[number]['id']) =>
  bath({ sex: 'female', washed: PART_WASHES.find((p) => p.id === id)!.places })

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
describe('bath, step for step', () => {
  it('a male wool dog whole, two places put off to the conditioner', () => {
    expect(
      scriptOf(
        bath({
          putOff: [
            { region: 'side.left', count: 2, kind: 'knot' },
            { region: 'armpit.left', count: 1, kind: 'snag' },
          ],
        }),
      ),
    ).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'slip* side.left ! stop @ 3 ? out/done still/leave sore/vet/side/red',
      'slip* armpit.left ! stop @ 1 ? out/done still/leave sore/vet/armpit/red',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.head ! stop ~ eyes mouth ear-canal # drying ? dry/done spot/spot damp/leave',
      'dry* dry.back ! dryer mains stop ~ ear-edge @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.side.left ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.side.right ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.chest ! dryer ~ throat @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.under ! dryer no-air ~ nipples sheath testicles @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.rear ! dryer no-air ~ anus testicles @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.under-tail ! stop ~ anus testicles # drying ? dry/done spot/spot damp/leave',
      'dry* dry.legs ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.feet ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'ears ! canal',
    ])
  })
  it('a smooth one towelled dry in the warm, nothing conditioned', () => {
    expect(scriptOf(bath({ coat: 'smooth', dryer: 'none', sex: 'female' }))).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'blot',
      'warm ! stop # parting ? dry spot/spot',
      'ears ! canal',
    ])
  })
  it('a short double coat brushed through in the warm', () => {
    expect(scriptOf(bath({ coat: 'double-short', dryer: 'none' }))).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'warm ! stop # parting ? dry spot/spot',
      'ears ! canal',
    ])
  })
  it('a hanging coat with no dryer: towels, part by part', () => {
    expect(scriptOf(bath({ coat: 'drop', dryer: 'none', sex: 'female' }))).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.head ! stop ~ eyes mouth ear-canal # drying ? dry/done spot/spot damp/leave',
      'dry* dry.back ! stop ~ ear-edge # drying ? dry/done spot/spot damp/leave',
      'dry* dry.side.left ! stop # drying ? dry/done spot/spot damp/leave',
      'dry* dry.side.right ! stop # drying ? dry/done spot/spot damp/leave',
      'dry* dry.chest ! stop ~ throat # drying ? dry/done spot/spot damp/leave',
      'dry* dry.under ! stop ~ nipples vulva # drying ? dry/done spot/spot damp/leave',
      'dry* dry.rear ! stop ~ anus vulva # drying ? dry/done spot/spot damp/leave',
      'dry* dry.under-tail ! stop ~ anus vulva # drying ? dry/done spot/spot damp/leave',
      'dry* dry.legs ! stop # drying ? dry/done spot/spot damp/leave',
      'dry* dry.feet ! stop # drying ? dry/done spot/spot damp/leave',
      'ears ! canal',
    ])
  })
  it('a soiled rear', () => {
    expect(scriptOf(part('rear'))).toEqual([
      'ready ! alone mains dog-only',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.under ! dryer no-air mains stop ~ nipples vulva @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.rear ! dryer no-air ~ anus vulva @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.under-tail ! stop ~ anus vulva # drying ? dry/done spot/spot damp/leave',
    ])
  })
  it('feet and legs', () => {
    expect(scriptOf(part('legs'))).toEqual([
      'ready ! alone mains dog-only',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.legs ! dryer mains stop @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.feet ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
    ])
  })
  it('the beard', () => {
    expect(scriptOf(part('beard'))).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.head ! stop ~ eyes mouth ear-canal # drying ? dry/done spot/spot damp/leave',
      'ears ! canal',
    ])
  })
})

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

/** Order, tools, cautions and what may be met, step by step: common practice, no source. */
describe('clip and undercoat, step for step', () => {
  it('a body clip from the rump, its left side done', () => {
    expect(
      scriptOf(
        clipSteps({ sex: 'male', from: 'rump', guardMm: 13, absent: [], leave: [], done: ['side.left'] }),
      ),
    ).toEqual([
      'guard ! mains jam',
      'pass* back with guarded-clipper ! lie heat jam tail-bone ~ tail-bone @ 3 # clip ? passed stops/knot pulls/here nick/vet/shoulders/tool',
      'again* back with guarded-clipper ! lie heat jam short @ 3 # clip ? even/done stops/knot nick/vet/shoulders/tool',
      'pass* legs.left with guarded-clipper ! folds tendon rear testicles lie heat webs ~ elbow-web hock-tendon toe-webs anus testicles @ 3 # clip ? passed stops/knot pulls/here nick/vet/foreleg/tool',
      'again* legs.left with guarded-clipper ! lie heat jam short @ 3 # clip ? even/done stops/knot nick/vet/foreleg/tool',
      'rest-legs.left ! heat',
      'pass* side.right with guarded-clipper ! folds lie heat jam ~ flank-fold elbow-web @ 3 # clip ? passed stops/knot pulls/here nick/vet/side/tool',
      'again* side.right with guarded-clipper ! lie heat jam short @ 3 # clip ? even/done stops/knot nick/vet/side/tool',
      'pass* legs.right with guarded-clipper ! folds tendon rear testicles lie heat webs ~ elbow-web hock-tendon toe-webs anus testicles @ 3 # clip ? passed stops/knot pulls/here nick/vet/foreleg/tool',
      'again* legs.right with guarded-clipper ! lie heat jam short @ 3 # clip ? even/done stops/knot nick/vet/foreleg/tool',
      'rest-legs.right ! heat',
      'pass* chest with guarded-clipper ! folds head lie heat ~ elbow-web throat @ 3 # clip ? passed stops/knot pulls/here nick/vet/chest/tool',
      'again* chest with guarded-clipper ! lie heat jam short @ 3 # clip ? even/done stops/knot nick/vet/chest/tool',
      'pass* belly with guarded-clipper ! cover folds testicles rear lie heat ~ nipples hernia sheath testicles flank-fold @ 3 # clip ? passed stops/knot pulls/here nick/vet/belly/tool',
      'again* belly with guarded-clipper ! lie heat jam short @ 3 # clip ? even/done stops/knot nick/vet/belly/tool',
      'pass* neck with guarded-clipper ! neck-folds head leather lie heat ~ neck-folds throat ear-edge @ 3 # clip ? passed stops/knot pulls/here nick/vet/nape/tool',
      'again* neck with guarded-clipper ! lie heat jam short @ 3 # clip ? even/done stops/knot nick/vet/nape/tool',
      'leave ! folds tendon ~ elbow-web hock-tendon flank-fold',
      'look ! stop',
    ])
  })
  it('a bitch from the neck, her belly and left legs alone', () => {
    expect(
      scriptOf(
        clipSteps({
          sex: 'female',
          from: 'neck',
          guardMm: 13,
          absent: [],
          leave: [],
          done: ['neck', 'back', 'side.left', 'side.right', 'legs.right', 'chest'],
        }),
      ),
    ).toEqual([
      'guard ! mains jam',
      'pass* legs.left with guarded-clipper ! folds tendon rear lie heat webs ~ elbow-web hock-tendon toe-webs anus vulva @ 3 # clip ? passed stops/knot pulls/here nick/vet/foreleg/tool',
      'again* legs.left with guarded-clipper ! lie heat jam short @ 3 # clip ? even/done stops/knot nick/vet/foreleg/tool',
      'rest-legs.left ! heat',
      'pass* belly with guarded-clipper ! cover folds rear lie heat ~ nipples hernia vulva flank-fold @ 3 # clip ? passed stops/knot pulls/here nick/vet/belly/tool',
      'again* belly with guarded-clipper ! lie heat jam short @ 3 # clip ? even/done stops/knot nick/vet/belly/tool',
      'leave ! folds tendon ~ elbow-web hock-tendon flank-fold',
      'look ! stop',
    ])
  })
  it('undercoat of a rump', () => {
    expect(scriptOf(undercoatSteps('double-long', [], []).filter((s) => s.part === 'rump'))).toEqual([
      'slick* rump ! rake @ 2 # rake ? through knot/knot spot/spot',
      'rake* rump ! rake @ 2 # rake ? clear/done some/done packed/aside/again spot/spot',
      'again* rump (aside) ! rake @ 2 # rake ? some/done clear/done packed/leave spot/spot',
    ])
  })
  it('undercoat of a tail', () => {
    expect(scriptOf(undercoatSteps('double-long', [], []).filter((s) => s.part === 'tail'))).toEqual([
      'slick* tail ! rake tail-bone @ 2 # rake ? through knot/knot spot/spot',
      'rake* tail ! rake tail-bone @ 2 # rake ? clear/done some/done packed/aside/again spot/spot',
      'again* tail (aside) ! rake tail-bone @ 2 # rake ? some/done clear/done packed/leave spot/spot',
    ])
  })
  it('a wire jacket’s rump', () => {
    expect(scriptOf(undercoatSteps('wire', [], []).filter((s) => s.part === 'rump'))).toEqual([
      'card* rump ! taut @ 2 # carding ? clear/done some/done packed/leave spot/spot',
    ])
  })
})
