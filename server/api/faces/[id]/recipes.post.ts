import { SavedRecipeInput } from '#shared/records/people/faces'
import { idOf, withBody } from '../../../utils/handlers'
import { saveRecipe } from '../../../services/people/faces'

export default withBody(SavedRecipeInput, (input, event) => saveRecipe(idOf(event), input))
