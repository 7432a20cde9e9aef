// A thing on a page as Ruby draws it: what it says about itself in its data.
export const thing = ({ box = "0 0 100 50 0", ...data } = {}) => ({ dataset: { box, ...data } })

export const rests = (ms = 0) => new Promise(resolve => setTimeout(resolve, ms))
