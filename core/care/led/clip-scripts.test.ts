import { describe, expect, it } from 'vitest'
import { scriptOf } from '../../../tests/support/script'
import { clipSteps } from './clip'
import { undercoatSteps } from './undercoat'

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
